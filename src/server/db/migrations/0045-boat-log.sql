-- What a crew tells under way: morning rounds, where they lie tonight, and of their own log what they choose to tell.
create table boat_log (
  id uuid not null,
  base_id uuid not null references base,
  number bigint generated always as identity,
  stay_id uuid not null,
  kind text not null check (kind in ('round', 'tonight', 'position', 'note', 'fuelled')),
  content jsonb not null,
  content_hash char(64) not null,
  received_at timestamptz not null,
  primary key (base_id, id),
  foreign key (base_id, stay_id) references stay (base_id, id)
);
create index boat_log_by_stay on boat_log (base_id, stay_id, number);
create trigger kept_row before update or delete on boat_log for each row execute function refuse_change();
create trigger kept_table before truncate on boat_log for each statement execute function refuse_change();
alter table boat_log enable row level security;
create policy one_base on boat_log using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on boat_log to :app_role;

-- Rows are kept as they are, but for the one way of erasing: of a log too.
create or replace function refuse_change() returns trigger language plpgsql set search_path = public, pg_temp as $$
begin
  if current_setting('brinecove.erasing', true) = 'yes' and tg_op in ('UPDATE', 'DELETE')
    and tg_table_name in ('outbox_message', 'message_file', 'study_answer', 'call_note', 'boat_log')
    and current_user = (select pg_get_userbyid(relowner) from pg_class where oid = tg_relid) then
    return case when tg_op = 'DELETE' then old else new end;
  end if;
  raise exception 'rows of % are kept as they are: % is refused', tg_table_name, tg_op using errcode = 'integrity_constraint_violation';
end $$;

-- Erases of this base what is older than its kind is kept. `days` names each kind with its days after the end of a charter.
create or replace function erase_outlived(days jsonb, asked_at timestamptz) returns int
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  base uuid := current_base();
  total int := 0;
  done int;
  more int;
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
        -- a round says how the yacht was, and stays with her
        delete from boat_log l using stay s where l.base_id = base and l.kind <> 'round' and s.base_id = base and s.id = l.stay_id and s.charter_id = any (over);
        get diagnostics more = row_count;
        done := done + more;
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

-- Erases what is held of one guest, at the guest's own wish. Refused while a charter of theirs is not over.
create or replace function erase_guest(asked uuid, by_whom uuid, reason text, asked_at timestamptz) returns text
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  base uuid := current_base();
  charters uuid[];
  done int;
  more int;
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
  delete from boat_log l using stay s where l.base_id = base and l.kind <> 'round' and s.base_id = base and s.id = l.stay_id and s.charter_id = any (charters);
  get diagnostics more = row_count;
  done := done + more;
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
