-- A signed record stands when nothing speaks against it; one that does not is kept whole beside it until a person settles it.
alter table seal add column grant_id uuid;
alter table seal_choice add column stands boolean not null default true;

-- What was found when a record arrived, or when the last of its entries did: the last examination counts. A record of before was never examined and stands.
create table seal_examination (
  seal_id uuid not null references seal,
  base_id uuid not null references base,
  number integer not null,
  problems jsonb not null,
  -- of a check-in: whether she may leave by the base's own reckoning, and what stands against it
  clearance jsonb,
  -- where the words that were signed are not what the entries give: the lines that only one of the two has
  differ jsonb,
  at timestamptz not null,
  primary key (seal_id, number)
);
create trigger kept_row before update or delete on seal_examination for each row execute function refuse_change();
create trigger kept_table before truncate on seal_examination for each statement execute function refuse_change();
alter table seal_examination enable row level security;
create policy one_base on seal_examination using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on seal_examination to :app_role;

-- Every record with what was found and what a person settled on it.
create view examined_seal with (security_invoker = true) as
  select s.*, coalesce(e.problems, '[]') as problems, e.clearance, e.differ, c.number as chosen, c.stands as settled, c.why as settled_why,
    coalesce(c.stands, coalesce(e.problems, '[]') = '[]') as fit
  from seal s
  left join lateral (select x.problems, x.clearance, x.differ from seal_examination x where x.seal_id = s.id order by x.number desc limit 1) e on true
  left join lateral (select x.number, x.stands, x.why from seal_choice x where x.seal_id = s.id order by x.number desc limit 1) c on true;
grant select on examined_seal to :app_role;

-- The record of each handover that stands: what a person settled on last, else the first to arrive that nothing speaks against.
create view standing_seal with (security_invoker = true) as
  select distinct on (handover_id) * from examined_seal where fit order by handover_id, chosen desc nulls last, number;
grant select on standing_seal to :app_role;

-- She was signed over "not cleared": what takes the mark off her leaving, by whom and why.
create table clearance_lift (
  id uuid primary key,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  how text not null check (how in ('cured', 'overridden')),
  why text not null check (why ~ '\S'),
  lifted_by uuid not null references person,
  lifted_at timestamptz not null
);
create trigger kept_row before update or delete on clearance_lift for each row execute function refuse_change();
create trigger kept_table before truncate on clearance_lift for each statement execute function refuse_change();
alter table clearance_lift enable row level security;
create policy one_base on clearance_lift using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on clearance_lift to :app_role;

-- What follows from a record or a prep and is done in a transaction of its own: it can fail and be done again, and never undoes what was signed.
create table follow_up (
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  what text not null check (what in ('defects', 'copy')),
  asked_at timestamptz not null,
  done_at timestamptz,
  problem text,
  primary key (handover_id, what)
);
alter table follow_up enable row level security;
create policy one_base on follow_up using (base_id = current_base()) with check (base_id = current_base());
grant select, insert, update on follow_up to :app_role;

-- As before, reckoned against the record that stands; and whether one waits for what has come.
drop function append_entries(uuid, uuid, jsonb, timestamptz);
create function append_entries(asked_base uuid, asked_handover uuid, items jsonb, at timestamptz)
returns jsonb language plpgsql as $$
declare
  item jsonb;
  next_number integer;
  sealed jsonb;
  known_hash text;
  answers jsonb := '[]';
  answer text;
begin
  perform set_config('brinecove.base', asked_base::text, true);
  select last_number into next_number from handover where id = asked_handover for update;
  if not found then raise exception 'no such handover' using errcode = 'no_data_found'; end if;
  select s.manifest -> 'entries' into sealed from standing_seal s where s.handover_id = asked_handover;
  for item in select * from jsonb_array_elements(items) loop
    select content_hash into known_hash from entry where id = (item ->> 'id')::uuid;
    if not found then
      select content_hash into known_hash from addendum where id = (item ->> 'id')::uuid;
    end if;
    if found then
      answer := case when known_hash = item ->> 'hash' then 'same' else 'other-content' end;
    elsif (select count(*) from entry e where e.handover_id = asked_handover and e.subject = item ->> 'subject' and e.aspect = item ->> 'aspect'
             and e.id::text in (select jsonb_array_elements_text(item -> 'content' -> 'basis'))) < jsonb_array_length(item -> 'content' -> 'basis') then
      answer := 'unknown-basis';
    elsif sealed is not null and not sealed @> jsonb_build_array(jsonb_build_object('id', item ->> 'id', 'hash', item ->> 'hash')) then
      insert into addendum (id, base_id, handover_id, kind, content, content_hash, made_at, received_at, made_by)
      values ((item ->> 'id')::uuid, asked_base, asked_handover, 'late-entry', item -> 'content', item ->> 'hash',
              (item -> 'content' ->> 'at')::timestamptz, at, (item -> 'content' -> 'by' ->> 'person')::uuid);
      answer := 'late';
    else
      next_number := next_number + 1;
      insert into entry (id, base_id, handover_id, number, subject, aspect, content, content_hash, received_at)
      values ((item ->> 'id')::uuid, asked_base, asked_handover, next_number, item ->> 'subject', item ->> 'aspect', item -> 'content', item ->> 'hash', at);
      answer := 'kept';
    end if;
    answers := answers || to_jsonb(answer);
  end loop;
  update handover set last_number = next_number where id = asked_handover and last_number <> next_number;
  -- a record may wait for the entries that have just come
  return jsonb_build_object('answers', answers, 'awaited', sealed is null and exists (
    select 1 from examined_seal s where s.handover_id = asked_handover and s.problems ? 'entries-to-come'));
end $$;
revoke all on function append_entries(uuid, uuid, jsonb, timestamptz) from public;
grant execute on function append_entries(uuid, uuid, jsonb, timestamptz) to :app_role;
