-- A second factor of somebody of the base: a secret that the phone's app shares, in force once a first code has shown that it
-- does. A code counts once: the step of the last one that was taken is kept.
create table second_factor (
  base_id uuid not null references base,
  person_id uuid not null,
  secret text not null,
  begun_at timestamptz not null,
  confirmed_at timestamptz,
  last_step bigint,
  primary key (base_id, person_id),
  foreign key (base_id, person_id) references person (base_id, id)
);
-- Codes for the day the phone is gone, each good once, by their hashes.
create table recovery_code (
  base_id uuid not null references base,
  person_id uuid not null,
  code_hash char(64) not null,
  used_at timestamptz,
  primary key (base_id, person_id, code_hash),
  foreign key (base_id, person_id) references person (base_id, id)
);
do $$
declare
  t text;
begin
  foreach t in array array['second_factor', 'recovery_code'] loop
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', t);
    execute format('grant select, insert, delete on %I to :app_role', t);
  end loop;
end $$;
grant update (secret, begun_at, confirmed_at, last_step) on second_factor to :app_role;
grant update (used_at) on recovery_code to :app_role;

create trigger deed after insert or update of confirmed_at on second_factor for each row when (new.confirmed_at is not null)
  execute function keep_deed('confirmed_at');
create trigger deed_used after update on recovery_code for each row execute function keep_deed('used_at');

-- A factor that is taken away is a deed as well, of the row that was.
create function keep_second_factor_end() returns trigger
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  doer jsonb := nullif(current_setting('brinecove.doer', true), '')::jsonb;
begin
  if doer is null or old.confirmed_at is null then return null; end if;
  insert into deed (base_id, at, request, action, by_kind, by_person, by_session, by_grant, device, subject, of_person, was, became)
  values (old.base_id, coalesce((doer ->> 'at')::timestamptz, now()), (doer ->> 'request')::uuid, doer ->> 'action', doer ->> 'kind',
    (doer ->> 'person')::uuid, (doer ->> 'session')::uuid, (doer ->> 'grant')::uuid, doer ->> 'device',
    'second_factor', old.person_id, jsonb_build_object('confirmed_at', old.confirmed_at), '{}');
  return null;
end $$;
revoke all on function keep_second_factor_end() from public;
create trigger deed_end after delete on second_factor for each row execute function keep_second_factor_end();

-- The session also says whether its person has to set a second factor up first: a manager without one, where the base says so.
drop function find_session(text, timestamptz);
create function find_session(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, staff_id uuid, charter_id uuid, name text, roles text[], factor_due boolean)
language sql stable security definer set search_path = public, pg_temp as $$
  select s.id, s.base_id, s.staff_id, s.charter_id, p.name, coalesce(f.roles, '{}'),
    coalesce('manager' = any (f.roles), false)
      and coalesce((select r.rules ->> 'managerCode' = 'true' from base_rules r where r.base_id = s.base_id order by r.number desc limit 1), false)
      and not exists (select 1 from second_factor x where x.base_id = s.base_id and x.person_id = s.staff_id and x.confirmed_at is not null)
  from session s
  left join staff f on f.person_id = s.staff_id
  left join charter c on c.id = s.charter_id
  left join person p on p.id = coalesce(s.staff_id, c.skipper_id)
  where s.token_hash = asked_hash and s.revoked_at is null and s.expires_at > at
    and (s.staff_id is null or f.active)
    and (s.link_id is null or exists (select 1 from charter_link l where l.id = s.link_id and l.revoked_at is null and l.expires_at > at))
$$;
revoke all on function find_session(text, timestamptz) from public;
grant execute on function find_session(text, timestamptz) to :app_role;

-- On what browser somebody is signed in, as it calls itself.
alter table session add column device text;
