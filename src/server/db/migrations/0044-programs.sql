-- Programs of others that speak to the base by a token, and addresses of theirs that are told what happens.
create table program (
  id uuid not null,
  base_id uuid not null references base,
  name text not null check (name <> ''),
  secret_hash char(64) not null unique,
  scopes text[] not null check (cardinality(scopes) > 0 and scopes <@ array['read-charters', 'read-people', 'write-charters', 'read-statements']),
  by_person uuid not null,
  at timestamptz not null,
  used_at timestamptz,
  ended_at timestamptz,
  primary key (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
create table hook (
  id uuid not null,
  base_id uuid not null references base,
  name text not null check (name <> ''),
  address text not null,
  kinds text[] not null check (cardinality(kinds) > 0),
  -- with which each call is signed: the app writes it and never reads it
  secret text not null,
  by_person uuid not null,
  at timestamptz not null,
  ended_at timestamptz,
  primary key (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
-- What happened, as one address is told it, and each time that it was told.
create table hook_event (
  id uuid not null,
  -- in which order things happened
  number bigint generated always as identity,
  base_id uuid not null references base,
  hook_id uuid not null,
  kind text not null,
  body jsonb not null,
  at timestamptz not null,
  primary key (base_id, id),
  foreign key (base_id, hook_id) references hook (base_id, id)
);
create index hook_event_of_hook on hook_event (base_id, number desc);
create table hook_call (
  base_id uuid not null references base,
  event_id uuid not null,
  number integer not null check (number > 0),
  state text not null check (state in ('told', 'failed', 'given-up', 'simulated')),
  -- what came back: the status, or what kept it from coming
  detail text not null,
  at timestamptz not null,
  primary key (base_id, event_id, number),
  foreign key (base_id, event_id) references hook_event (base_id, id)
);
do $$
declare name text;
begin
  foreach name in array array['program', 'hook', 'hook_event', 'hook_call'] loop
    execute format('alter table %I enable row level security', name);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', name);
  end loop;
  foreach name in array array['hook_event', 'hook_call'] loop
    execute format('grant select on %I to :app_role', name);
  end loop;
end $$;
create trigger kept_row before update or delete on hook_call for each row execute function refuse_change();
create trigger kept_table before truncate on hook_call for each statement execute function refuse_change();
grant select, insert on program to :app_role;
grant update (ended_at) on program to :app_role;
grant select (id, base_id, name, address, kinds, by_person, at, ended_at), insert on hook to :app_role;
grant update (ended_at) on hook to :app_role;
create trigger deed after insert or update on program for each row execute function keep_deed('name scopes ended_at');
create trigger deed after insert or update on hook for each row execute function keep_deed('name kinds ended_at');
alter table deed drop constraint deed_by_kind_check;
alter table deed add constraint deed_by_kind_check check (by_kind in ('staff', 'charter', 'device', 'anyone', 'house', 'program'));

-- The program that a token is of, while it stands. That it was used is noted to the minute.
create function program_by_secret(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, name text, scopes text[], by_person uuid)
language plpgsql volatile security definer set search_path = public, pg_temp as $$
begin
  update program p set used_at = program_by_secret.at
    where p.secret_hash = asked_hash and p.ended_at is null and (p.used_at is null or p.used_at < program_by_secret.at - interval '1 minute');
  return query select p.id, p.base_id, p.name, p.scopes, p.by_person from program p where p.secret_hash = asked_hash and p.ended_at is null;
end $$;
revoke all on function program_by_secret(text, timestamptz) from public;
grant execute on function program_by_secret(text, timestamptz) to :app_role;

-- Gives what an address is to be told to the house's queue: in turn for each address, again for some fifteen hours.
create function queue_hook_event(event uuid, hook uuid) returns void
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  perform graphile_worker.add_job('tell-hook', json_build_object('event', event), queue_name := 'hook ' || hook, job_key := 'hook ' || event, max_attempts := 12);
end $$;
revoke all on function queue_hook_event(uuid, uuid) from public;

create function tell_hooks(base uuid, told_kind text, reference text, yacht text) returns void
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  h record;
  event uuid;
  doer jsonb := nullif(current_setting('brinecove.doer', true), '')::jsonb;
  happened timestamptz := coalesce((doer ->> 'at')::timestamptz, now());
begin
  for h in select k.id from hook k where k.base_id = base and k.ended_at is null and told_kind = any (k.kinds) loop
    event := gen_random_uuid();
    insert into hook_event (id, base_id, hook_id, kind, body, at)
      values (event, base, h.id, told_kind, jsonb_build_object('kind', told_kind, 'charter', reference, 'yacht', yacht), happened);
    perform queue_hook_event(event, h.id);
  end loop;
end $$;
revoke all on function tell_hooks(uuid, text, text, text) from public;

create function tell_of_stay(base uuid, told_kind text, stay_of uuid) returns void
language sql security definer set search_path = public, pg_temp as $$
  select tell_hooks(base, told_kind, stay_reference(c.reference, s.part), y.slug)
  from stay s join charter c on c.base_id = s.base_id and c.id = s.charter_id join yacht y on y.base_id = s.base_id and y.id = s.yacht_id
  where s.base_id = base and s.id = stay_of
$$;
revoke all on function tell_of_stay(uuid, text, uuid) from public;

create function tell_what_happened() returns trigger
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  s record;
  kind text;
begin
  case tg_table_name
    when 'stay' then
      perform tell_of_stay(new.base_id, 'charter-entered', new.id);
    when 'charter' then
      perform tell_hooks(old.base_id, 'charter-taken-back', old.reference, null);
    when 'charter_change' then
      kind := case when new.became ->> 'calledOff' is not null and new.was ->> 'calledOff' is distinct from new.became ->> 'calledOff'
        then 'charter-called-off' else 'charter-changed' end;
      for s in select t.id from stay t where t.base_id = new.base_id and t.charter_id = new.charter_id order by t.part limit 1 loop
        perform tell_of_stay(new.base_id, kind, s.id);
      end loop;
    when 'seal' then
      for s in select h.stay_id, h.kind as of from handover h where h.base_id = new.base_id and h.id = new.handover_id and h.kind <> 'prep' loop
        perform tell_of_stay(new.base_id, s.of || '-signed', s.stay_id);
      end loop;
    when 'settlement' then
      perform tell_of_stay(new.base_id, 'statement-signed', new.stay_id);
  end case;
  return null;
end $$;
revoke all on function tell_what_happened() from public;
-- once the whole transaction stands, so that what is told is how it came to be
create constraint trigger tell after insert on stay deferrable initially deferred for each row when (new.part = 1) execute function tell_what_happened();
create constraint trigger tell after delete on charter deferrable initially deferred for each row execute function tell_what_happened();
create constraint trigger tell after insert on charter_change deferrable initially deferred for each row execute function tell_what_happened();
create constraint trigger tell after insert on seal deferrable initially deferred for each row execute function tell_what_happened();
create constraint trigger tell after insert on settlement deferrable initially deferred for each row execute function tell_what_happened();

-- Tells an address that it is heard, or tells it once more what it was not told.
create function try_hook(asked uuid, at timestamptz) returns boolean
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  event uuid := gen_random_uuid();
begin
  if not exists (select 1 from hook k where k.base_id = current_base() and k.id = asked and k.ended_at is null) then return false; end if;
  insert into hook_event (id, base_id, hook_id, kind, body, at)
    values (event, current_base(), asked, 'test', jsonb_build_object('kind', 'test', 'charter', null, 'yacht', null), at);
  perform queue_hook_event(event, asked);
  return true;
end $$;
create function tell_hook_again(asked uuid) returns boolean
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  hook_of uuid;
begin
  select e.hook_id into hook_of from hook_event e join hook k on k.base_id = e.base_id and k.id = e.hook_id
    where e.base_id = current_base() and e.id = asked and k.ended_at is null;
  if hook_of is null then return false; end if;
  perform queue_hook_event(asked, hook_of);
  return true;
end $$;
revoke all on function try_hook(uuid, timestamptz), tell_hook_again(uuid) from public;
grant execute on function try_hook(uuid, timestamptz), tell_hook_again(uuid) to :app_role;

-- Messages go one after another, so that a slow server is asked once, whatever else stands in the queue.
create or replace function queue_message(asked_id uuid) returns void
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if not exists (select 1 from outbox_message m where m.base_id = current_base() and m.id = asked_id) then
    raise exception 'no such message at this base';
  end if;
  perform graphile_worker.add_job('send-message', json_build_object('message', asked_id), queue_name := 'messages', job_key := asked_id::text, max_attempts := 10);
end $$;
