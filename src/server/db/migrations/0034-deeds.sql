-- What was done at a base, by whom and from where: one row for each change of what is not recorded aboard, with what stood
-- before and what stands after. Rows come from triggers alone, so that no way of changing something passes by; the app
-- reads them. Of guests nothing but ids: each trigger names the columns that are shown.
create table deed (
  base_id uuid not null references base,
  id bigint generated always as identity,
  at timestamptz not null,
  -- the deeds of one request belong together
  request uuid not null,
  -- which endpoint, or which task of the house's own
  action text not null,
  by_kind text not null check (by_kind in ('staff', 'charter', 'device', 'anyone', 'house')),
  by_person uuid,
  by_session uuid,
  by_grant uuid,
  -- what the browser calls itself
  device text,
  subject text not null,
  charter_id uuid,
  yacht_id uuid,
  of_person uuid,
  was jsonb,
  became jsonb not null,
  primary key (base_id, id)
);
create index deed_of_charter on deed (base_id, charter_id, id) where charter_id is not null;
create index deed_of_yacht on deed (base_id, yacht_id, id) where yacht_id is not null;
create index deed_by_person on deed (base_id, by_person, id) where by_person is not null;
create index deed_of_person on deed (base_id, of_person, id) where of_person is not null;
alter table deed enable row level security;
create policy one_base on deed using (base_id = current_base());
grant select on deed to :app_role;
create trigger kept_row before update or delete on deed for each row execute function refuse_change();
create trigger kept_table before truncate on deed for each statement execute function refuse_change();

-- Two rows, each with what differs from the other alone; objects are looked into once.
create function differing(was jsonb, became jsonb, out was_then jsonb, out is_now jsonb)
language plpgsql immutable set search_path = public, pg_temp as $$
declare
  name text;
  inner_was jsonb;
  inner_now jsonb;
begin
  was_then := '{}';
  is_now := '{}';
  for name in select distinct k from (select jsonb_object_keys(was) k union select jsonb_object_keys(became)) both_keys loop
    if was -> name is not distinct from became -> name then continue; end if;
    inner_was := was -> name;
    inner_now := became -> name;
    if jsonb_typeof(inner_was) = 'object' and jsonb_typeof(inner_now) = 'object' then
      select coalesce(jsonb_object_agg(key, value) filter (where inner_now -> key is distinct from value), '{}') into inner_was
        from jsonb_each(was -> name);
      select coalesce(jsonb_object_agg(key, value) filter (where was -> name -> key is distinct from value), '{}') into inner_now
        from jsonb_each(became -> name);
    end if;
    was_then := was_then || jsonb_build_object(name, inner_was);
    is_now := is_now || jsonb_build_object(name, inner_now);
  end loop;
end $$;

-- Keeps a deed. The first argument names the columns that are shown; the second, where rows are numbered, the columns that
-- are the same for all numbers of one thing: what stood before is then the number before.
create function keep_deed() returns trigger
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  doer jsonb := nullif(current_setting('brinecove.doer', true), '')::jsonb;
  shown text[] := string_to_array(tg_argv[0], ' ');
  now_row jsonb := to_jsonb(new);
  base uuid := coalesce(now_row ->> 'base_id', now_row ->> 'id');
  was_row jsonb;
  was_shown jsonb;
  now_shown jsonb;
  charter uuid := now_row ->> 'charter_id';
  yacht uuid := now_row ->> 'yacht_id';
  stay_of uuid := now_row ->> 'stay_id';
  person uuid := coalesce(now_row ->> 'staff_id', now_row ->> 'person_id');
begin
  -- what the owner does by the command line (the demo, a restore) is nobody's deed at the base
  if doer is null then return null; end if;
  if tg_op = 'UPDATE' then
    was_row := to_jsonb(old);
  elsif tg_nargs > 1 then
    execute format('select to_jsonb(t) from %I t where t.base_id = $1 and t.number = $2 - 1 %s', tg_table_name,
      (select string_agg(format('and t.%I::text = $3 ->> %L', c, c), ' ') from unnest(string_to_array(tg_argv[1], ' ')) c where c <> ''))
      into was_row using base, (now_row ->> 'number')::int, now_row;
  end if;
  select coalesce(jsonb_object_agg(key, value), '{}') into now_shown from jsonb_each(now_row) where key = any (shown);
  if was_row is not null then
    select coalesce(jsonb_object_agg(key, value), '{}') into was_shown from jsonb_each(was_row) where key = any (shown);
    select * into was_shown, now_shown from differing(was_shown, now_shown);
    -- of a secret it is told that it changed, and nothing else
    if tg_table_name = 'staff' and was_row ->> 'password_hash' is distinct from now_row ->> 'password_hash' then
      now_shown := now_shown || '{"password": true}';
    end if;
    if tg_op = 'UPDATE' and now_shown = '{}' then return null; end if;
  end if;

  if tg_table_name = 'stay' then stay_of := now_row ->> 'id'; end if;
  if tg_table_name = 'charter' then charter := now_row ->> 'id'; end if;
  if tg_table_name = 'yacht' then yacht := now_row ->> 'id'; end if;
  if now_row ? 'settlement_id' then
    select s.stay_id into stay_of from settlement s where s.base_id = base and s.id = (now_row ->> 'settlement_id')::uuid;
  end if;
  if tg_table_name = 'handover' then
    stay_of := now_row ->> 'stay_id';
  elsif now_row ? 'handover_id' and stay_of is null then
    select h.stay_id, coalesce(yacht, h.yacht_id) into stay_of, yacht from handover h
      where h.base_id = base and h.id = (now_row ->> 'handover_id')::uuid;
  end if;
  if now_row ? 'defect_id' then
    select d.yacht_id into yacht from defect d where d.base_id = base and d.id = (now_row ->> 'defect_id')::uuid;
  end if;
  if now_row ? 'draft_id' then
    select d.yacht_id into yacht from file_draft d where d.base_id = base and d.id = (now_row ->> 'draft_id')::uuid;
  end if;
  if now_row ? 'note_id' then
    select n.yacht_id into yacht from yacht_note n where n.base_id = base and n.id = (now_row ->> 'note_id')::uuid;
  end if;
  if stay_of is not null then
    select s.charter_id, coalesce(yacht, s.yacht_id) into charter, yacht from stay s where s.base_id = base and s.id = stay_of;
  end if;

  insert into deed (base_id, at, request, action, by_kind, by_person, by_session, by_grant, device, subject, charter_id, yacht_id, of_person, was, became)
  values (
    base, coalesce((doer ->> 'at')::timestamptz, now()), (doer ->> 'request')::uuid, doer ->> 'action', doer ->> 'kind',
    -- who signs in is known by what comes of it
    coalesce((doer ->> 'person')::uuid, case when doer ->> 'kind' = 'anyone' and tg_table_name = 'session' then (now_row ->> 'staff_id')::uuid end),
    (doer ->> 'session')::uuid, (doer ->> 'grant')::uuid, doer ->> 'device',
    tg_table_name, charter, yacht, person, was_shown, now_shown
  );
  return null;
end $$;
revoke all on function keep_deed(), differing(jsonb, jsonb) from public;

do $$
declare
  t record;
begin
  for t in select * from (values
    ('base', 'insert or update', array['name place time_zone currency languages phone channel hours']),
    ('staff', 'insert or update', array['roles active']),
    ('invitation', 'insert or update', array['name email roles expires_at used_at ended_at']),
    ('device_grant', 'insert or update', array['side revoked_at']),
    ('charter_link', 'insert or update', array['expires_at revoked_at']),
    ('join_code', 'insert', array['expires_at']),
    ('charter', 'insert or update', array['reference terms language']),
    ('stay', 'insert or update', array['starts_at ends_at aboard']),
    ('handover', 'insert', array['kind yacht_revision']),
    ('seal', 'insert', array['number digest']),
    ('seal_choice', 'insert', array['number stands']),
    ('clearance_lift', 'insert', array['how']),
    ('charge_decision', 'insert', array['number decision', 'stay_id difference_id']),
    ('deposit_event', 'insert', array['number kind amount_minor currency terminal_reference']),
    ('money_authority', 'insert', array['reference']),
    ('settlement', 'insert', array['digest']),
    ('settlement_extra', 'insert', array['number']),
    ('settlement_objection', 'insert', array['line']),
    ('settlement_outcome', 'insert', array['line amount_minor']),
    ('found_return', 'insert', array['state']),
    ('call_note', 'insert', array['topic']),
    ('crew_list', 'insert', array['number']),
    ('hired_extras', 'insert', array['number hired', 'charter_id']),
    ('outbox_message', 'insert', array['at']),
    ('base_rules', 'insert', array['number rules', '']),
    ('price_list', 'insert', array['number list', '']),
    ('base_list', 'insert', array['number kind', 'kind']),
    ('area', 'insert', array['number', '']),
    ('signing_key', 'insert', array['number']),
    ('yacht', 'insert or update', array['slug name berth']),
    ('yacht_class', 'insert', array['slug revision why']),
    ('yacht_revision', 'insert', array['revision why']),
    ('file_draft', 'insert', array['class_slug on_revision']),
    ('draft_end', 'insert', array['outcome']),
    ('text_answer', 'insert', array['path code']),
    ('yacht_note', 'insert', array['received_at']),
    ('note_answer', 'insert', array['answer']),
    ('manual', 'insert', array['hash']),
    ('defect', 'insert', array['subject place title safety']),
    ('work_step', 'insert', array['number state parts minutes', 'defect_id']),
    ('work_assignment', 'insert', array['number', 'defect_id']),
    ('restock', 'insert', array['line pieces'])
  ) as kept (name, events, args) loop
    execute format('create trigger deed after %s on %I for each row execute function keep_deed(%s)', t.events, t.name,
      (select string_agg(quote_literal(a), ', ') from unnest(t.args) a));
  end loop;
end $$;
-- of sessions those of the base's people: who opens a charter's book is the charter's own
create trigger deed after insert on session for each row when (new.staff_id is not null) execute function keep_deed('expires_at');
create trigger deed_end after update on session for each row when (new.staff_id is not null and old.revoked_at is null and new.revoked_at is not null)
  execute function keep_deed('revoked_at');
