-- What is private and had its time goes; what was sealed stays, with the name erased.

-- Rows are kept as they are, but for the one way below: a function of the owner's that says that it erases. The app's role
-- can say so too, and is still not the owner.
create or replace function refuse_change() returns trigger language plpgsql set search_path = public, pg_temp as $$
begin
  if current_setting('brinecove.erasing', true) = 'yes' and tg_op in ('UPDATE', 'DELETE')
    and tg_table_name in ('outbox_message', 'message_file', 'study_answer', 'call_note')
    and current_user = (select pg_get_userbyid(relowner) from pg_class where oid = tg_relid) then
    return case when tg_op = 'DELETE' then old else new end;
  end if;
  raise exception 'rows of % are kept as they are: % is refused', tg_table_name, tg_op using errcode = 'integrity_constraint_violation';
end $$;

-- What was erased: how many of what, why, and of whom where somebody asked for it. Never what it was.
create table erasure (
  base_id uuid not null references base,
  id bigint generated always as identity,
  at timestamptz not null,
  -- none where its time was over
  by_person uuid,
  of_person uuid,
  why text not null default '',
  what text not null check (what in ('contacts', 'names', 'signatures', 'crew', 'study', 'calls', 'messages', 'access')),
  pieces integer not null check (pieces > 0),
  primary key (base_id, id)
);
create trigger kept_row before update or delete on erasure for each row execute function refuse_change();
create trigger kept_table before truncate on erasure for each statement execute function refuse_change();
create trigger deed after insert on erasure for each row execute function keep_deed('what pieces');
alter table erasure enable row level security;
create policy one_base on erasure using (base_id = current_base());
grant select on erasure to :app_role;

alter table outbox_message add column erased_at timestamptz;
alter table base_list drop constraint base_list_kind_check;
alter table base_list add constraint base_list_kind_check check (kind in ('extras', 'tasks', 'messages', 'keeping'));

-- Charters of a base that are over: when the last of their stays ended. One with a sum that is still disputed is not over.
create view charter_over with (security_invoker = true) as
  select c.base_id, c.id, c.skipper_id, c.charterer_id, max(s.ends_at) as ended_at
  from charter c join stay s on s.base_id = c.base_id and s.charter_id = c.id
  where not exists (
    select 1 from stay x join settlement t on t.base_id = x.base_id and t.stay_id = x.id
      join settlement_objection o on o.base_id = t.base_id and o.settlement_id = t.id
    where x.base_id = c.base_id and x.charter_id = c.id
      and not exists (select 1 from settlement_outcome e where e.base_id = t.base_id and e.settlement_id = t.id and e.line = o.line))
  group by c.base_id, c.id;
revoke all on charter_over from public;

-- Guests of a base: people of its charters who are none of its own, with when their last charter ended.
create view guest_over with (security_invoker = true) as
  select p.base_id, p.id, max(s.ended_at) as ended_at
  from person p join charter c on c.base_id = p.base_id and p.id in (c.skipper_id, c.charterer_id)
  left join charter_over s on s.base_id = c.base_id and s.id = c.id
  where not exists (select 1 from staff f where f.base_id = p.base_id and f.person_id = p.id)
  group by p.base_id, p.id
  -- one charter that is not over keeps everything
  having count(*) = count(s.ended_at);
revoke all on guest_over from public;

-- Erases what stood in these messages, and keeps that there were some.
create function erase_messages(asked uuid[], asked_at timestamptz) returns int
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  done int;
begin
  perform set_config('brinecove.erasing', 'yes', true);
  delete from message_secret where base_id = current_base() and message_id = any (asked);
  delete from message_file where base_id = current_base() and message_id = any (asked);
  update outbox_message set to_name = '', to_address = null, subject = '', words = '', erased_at = asked_at
    where base_id = current_base() and id = any (asked) and erased_at is null;
  get diagnostics done = row_count;
  perform set_config('brinecove.erasing', 'no', true);
  return done;
end $$;
revoke all on function erase_messages(uuid[], timestamptz) from public;

-- Erases the drawings and typed names of these people's signatures; the seals keep their imprints. With no people, of
-- everybody who signed these charters.
create function erase_signatures(people uuid[], charters uuid[]) returns int
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  records int;
  statements int;
begin
  delete from signature_content g using seal l, handover h, stay s
    where g.base_id = current_base() and l.base_id = g.base_id and l.id = g.seal_id and h.base_id = l.base_id and h.id = l.handover_id
      and s.base_id = h.base_id and s.id = h.stay_id and s.charter_id = any (charters)
      and (people is null or exists (select 1 from jsonb_array_elements(l.signatures) e where e ->> 'side' = g.side and (e ->> 'person')::uuid = any (people)));
  get diagnostics records = row_count;
  delete from settlement_signature g using settlement t, stay s
    where g.base_id = current_base() and t.base_id = g.base_id and t.id = g.settlement_id and s.base_id = t.base_id and s.id = t.stay_id
      and s.charter_id = any (charters)
      and (people is null or exists (select 1 from jsonb_array_elements(t.signatures) e where e ->> 'side' = g.side and (e ->> 'person')::uuid = any (people)));
  get diagnostics statements = row_count;
  return records + statements;
end $$;
revoke all on function erase_signatures(uuid[], uuid[]) from public;

create function note_erasure(asked_at timestamptz, by_whom uuid, of_whom uuid, reason text, asked_what text, how_many int) returns void
language sql security definer set search_path = public, pg_temp as $$
  insert into erasure (base_id, at, by_person, of_person, why, what, pieces)
    select current_base(), asked_at, by_whom, of_whom, reason, asked_what, how_many where how_many > 0
$$;
revoke all on function note_erasure(timestamptz, uuid, uuid, text, text, int) from public;

-- Erases of this base what is older than its kind is kept. `days` names each kind with its days after the end of a charter.
create function erase_outlived(days jsonb, asked_at timestamptz) returns int
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  base uuid := current_base();
  total int := 0;
  done int;
  kind text;
  before timestamptz;
  over uuid[];
begin
  for kind in select jsonb_object_keys(days) loop
    before := asked_at - make_interval(days => (days ->> kind)::int);
    select coalesce(array_agg(c.id), '{}') into over from charter_over c where c.base_id = base and c.ended_at < before;
    done := 0;
    case kind
      when 'contacts' then
        update person p set email = null, phone = null from guest_over g
          where p.base_id = base and g.base_id = base and g.id = p.id and g.ended_at < before and (p.email is not null or p.phone is not null);
        get diagnostics done = row_count;
      when 'names' then
        update person p set name = '–', email = null, phone = null, erased_at = asked_at from guest_over g
          where p.base_id = base and g.base_id = base and g.id = p.id and g.ended_at < before and p.erased_at is null;
        get diagnostics done = row_count;
      when 'signatures' then
        done := erase_signatures(null, over);
      when 'crew' then
        delete from crew_list l using stay s where l.base_id = base and s.base_id = base and s.id = l.stay_id and s.charter_id = any (over);
        get diagnostics done = row_count;
      when 'study' then
        perform set_config('brinecove.erasing', 'yes', true);
        delete from study_answer a where a.base_id = base and a.charter_id = any (over);
        get diagnostics done = row_count;
        perform set_config('brinecove.erasing', 'no', true);
      when 'calls' then
        perform set_config('brinecove.erasing', 'yes', true);
        delete from call_note n using stay s where n.base_id = base and s.base_id = base and s.id = n.stay_id and s.charter_id = any (over);
        get diagnostics done = row_count;
        perform set_config('brinecove.erasing', 'no', true);
      when 'messages' then
        done := erase_messages(array(
          select m.id from outbox_message m left join stay s on s.base_id = m.base_id and s.id = m.stay_id
          where m.base_id = base and m.erased_at is null and (s.charter_id = any (over) or (m.stay_id is null and m.at < before))), asked_at);
      when 'access' then
        -- the log of deeds knows sessions by their ids; the browser's name goes
        update session x set device = null where x.base_id = base and x.device is not null and x.expires_at < before;
        get diagnostics done = row_count;
      else
        raise exception 'nothing is kept under the name %', kind;
    end case;
    perform note_erasure(asked_at, null, null, '', kind, done);
    total := total + done;
  end loop;
  return total;
end $$;
revoke all on function erase_outlived(jsonb, timestamptz) from public;
grant execute on function erase_outlived(jsonb, timestamptz) to :app_role;

-- Erases what is held of one guest, at the guest's own wish. Refused while a charter of theirs is not over.
create function erase_guest(asked uuid, by_whom uuid, reason text, asked_at timestamptz) returns text
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  base uuid := current_base();
  charters uuid[];
  done int;
begin
  perform 1 from person p where p.base_id = base and p.id = asked and p.erased_at is null for update;
  if not found or exists (select 1 from staff f where f.base_id = base and f.person_id = asked) then return 'unknown'; end if;
  if not exists (select 1 from guest_over g where g.base_id = base and g.id = asked and g.ended_at < asked_at) then return 'not-over'; end if;
  charters := array(select c.id from charter c where c.base_id = base and asked in (c.skipper_id, c.charterer_id));
  done := erase_signatures(array[asked], charters);
  perform note_erasure(asked_at, by_whom, asked, reason, 'signatures', done);
  done := erase_messages(array(
    select m.id from outbox_message m left join stay s on s.base_id = m.base_id and s.id = m.stay_id
    where m.base_id = base and m.erased_at is null
      and (m.person_id = asked or (m.person_id is null and s.charter_id = any (charters)))), asked_at);
  perform note_erasure(asked_at, by_whom, asked, reason, 'messages', done);
  perform set_config('brinecove.erasing', 'yes', true);
  delete from study_answer a where a.base_id = base
    and a.charter_id in (select c.id from charter c where c.base_id = base and c.skipper_id = asked);
  get diagnostics done = row_count;
  perform note_erasure(asked_at, by_whom, asked, reason, 'study', done);
  delete from call_note n using stay s where n.base_id = base and s.base_id = base and s.id = n.stay_id and s.charter_id = any (charters);
  get diagnostics done = row_count;
  perform set_config('brinecove.erasing', 'no', true);
  perform note_erasure(asked_at, by_whom, asked, reason, 'calls', done);
  delete from crew_list l using stay s where l.base_id = base and s.base_id = base and s.id = l.stay_id and s.charter_id = any (charters);
  get diagnostics done = row_count;
  perform note_erasure(asked_at, by_whom, asked, reason, 'crew', done);
  update charter_link l set revoked_at = asked_at where l.base_id = base and l.charter_id = any (charters) and l.revoked_at is null;
  update session x set revoked_at = asked_at where x.base_id = base and x.charter_id = any (charters) and x.revoked_at is null;
  update person p set name = '–', email = null, phone = null, erased_at = asked_at where p.base_id = base and p.id = asked;
  perform note_erasure(asked_at, by_whom, asked, reason, 'names', 1);
  return 'done';
end $$;
revoke all on function erase_guest(uuid, uuid, text, timestamptz) from public;
grant execute on function erase_guest(uuid, uuid, text, timestamptz) to :app_role;
