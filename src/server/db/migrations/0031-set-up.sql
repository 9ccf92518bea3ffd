-- The one way into an installation in which there is no base yet, or into a further one: a code that the command line
-- prints. It stands outside every base, so the app reaches it through these functions alone.
create table set_up (
  id uuid primary key,
  code_hash char(64) not null,
  made_at timestamptz not null,
  tries integer not null default 0,
  used_at timestamptz
);
-- no policy: nobody but its owner sees it
alter table set_up enable row level security;

create function set_up_waits() returns boolean language sql stable security definer set search_path = public, pg_temp as $$
  select exists (select 1 from set_up where used_at is null)
$$;

-- Counts a wrong code where it is looked up, so that guesses sent at once count too; ten close it until the next start.
create function try_set_up(asked_hash text) returns text language plpgsql security definer set search_path = public, pg_temp as $$
declare s set_up;
begin
  select * into s from set_up where used_at is null order by made_at desc limit 1 for update;
  if not found then return 'none'; end if;
  if s.tries >= 10 then return 'closed'; end if;
  if s.code_hash = asked_hash then return 'right'; end if;
  update set_up set tries = s.tries + 1 where id = s.id;
  return 'wrong';
end $$;

-- Takes a code for good, in the transaction that makes the base: of two at once one gets it.
create function use_set_up(asked_hash text, at timestamptz) returns boolean
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  update set_up set used_at = use_set_up.at where code_hash = asked_hash and used_at is null and tries < 10;
  return found;
end $$;

revoke all on function set_up_waits(), try_set_up(text), use_set_up(text, timestamptz) from public;
grant execute on function set_up_waits(), try_set_up(text), use_set_up(text, timestamptz) to :app_role;

-- What a crew needs to reach the base, and whether it was made to be tried.
alter table base
  add column channel text,
  add column hours text,
  add column is_demo boolean not null default false;
