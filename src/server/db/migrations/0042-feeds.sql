-- Calendars of ours that other programs read by a secret address, and calendars of others that are read here.
create table calendar_feed (
  id uuid not null,
  base_id uuid not null references base,
  kind text not null check (kind in ('base', 'yacht')),
  yacht_id uuid,
  secret_hash text not null unique,
  with_names boolean not null,
  by_person uuid not null,
  at timestamptz not null,
  ended_at timestamptz,
  read_at timestamptz,
  primary key (base_id, id),
  check ((kind = 'yacht') = (yacht_id is not null)),
  foreign key (base_id, yacht_id) references yacht (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
create table foreign_feed (
  id uuid not null,
  base_id uuid not null references base,
  yacht_id uuid not null,
  name text not null check (name <> ''),
  address text not null,
  by_person uuid not null,
  at timestamptz not null,
  ended_at timestamptz,
  -- when it was asked last, when it was read last, and what kept it from being read since
  asked_at timestamptz,
  read_at timestamptz,
  fault text,
  primary key (base_id, id),
  foreign key (base_id, yacht_id) references yacht (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
-- What a foreign feed tells now; it is written anew each time the feed is read.
create table promised_elsewhere (
  base_id uuid not null references base,
  feed_id uuid not null,
  number integer not null,
  uid text not null,
  starts_at timestamptz not null,
  ends_at timestamptz not null,
  words text not null,
  primary key (base_id, feed_id, number),
  check (starts_at < ends_at),
  foreign key (base_id, feed_id) references foreign_feed (base_id, id)
);
create trigger deed after insert or update on calendar_feed for each row execute function keep_deed('kind with_names ended_at');
create trigger deed after insert or update on foreign_feed for each row execute function keep_deed('name ended_at');
do $$
declare name text;
begin
  foreach name in array array['calendar_feed', 'foreign_feed', 'promised_elsewhere'] loop
    execute format('alter table %I enable row level security', name);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', name);
    execute format('grant select, insert on %I to :app_role', name);
  end loop;
end $$;
grant update (ended_at) on calendar_feed to :app_role;
grant update (ended_at, asked_at, read_at, fault) on foreign_feed to :app_role;
grant delete on promised_elsewhere to :app_role;

-- The feed that a secret address opens, while it stands.
create function feed_by_secret(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, kind text, yacht_id uuid, with_names boolean)
language sql volatile security definer set search_path = public, pg_temp as $$
  update calendar_feed f set read_at = at where f.secret_hash = asked_hash and f.ended_at is null
  returning f.id, f.base_id, f.kind, f.yacht_id, f.with_names
$$;
revoke all on function feed_by_secret(text, timestamptz) from public;
grant execute on function feed_by_secret(text, timestamptz) to :app_role;
