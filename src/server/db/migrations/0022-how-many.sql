-- How many entries a handover takes: from a guest's phone fewer than from the base, so that nobody can fill it up until
-- the base itself has no room to sign. An entry that came after the signature can be replaced like any other.
create or replace function append_entries(asked_base uuid, asked_handover uuid, items jsonb, at timestamptz)
returns jsonb language plpgsql as $$
declare
  item jsonb;
  next_number integer;
  late integer;
  sealed jsonb;
  known_hash text;
  answers jsonb := '[]';
  answer text;
begin
  perform set_config('brinecove.base', asked_base::text, true);
  select last_number into next_number from handover where id = asked_handover for update;
  if not found then raise exception 'no such handover' using errcode = 'no_data_found'; end if;
  select s.manifest -> 'entries' into sealed from standing_seal s where s.handover_id = asked_handover;
  select count(*) into late from addendum where handover_id = asked_handover and kind = 'late-entry';
  for item in select * from jsonb_array_elements(items) loop
    select content_hash into known_hash from entry where id = (item ->> 'id')::uuid;
    if not found then
      select content_hash into known_hash from addendum where id = (item ->> 'id')::uuid;
    end if;
    if found then
      answer := case when known_hash = item ->> 'hash' then 'same' else 'other-content' end;
    elsif (select count(*) from jsonb_array_elements_text(item -> 'content' -> 'basis') replaced where
             exists (select 1 from entry e where e.id = replaced::uuid and e.handover_id = asked_handover and e.subject = item ->> 'subject' and e.aspect = item ->> 'aspect')
             -- what came after the signature can be changed as well
             or exists (select 1 from addendum a where a.id = replaced::uuid and a.handover_id = asked_handover and a.kind = 'late-entry'
                          and a.content ->> 'subject' = item ->> 'subject' and a.content ->> 'aspect' = item ->> 'aspect')) < jsonb_array_length(item -> 'content' -> 'basis') then
      answer := 'unknown-basis';
    elsif next_number + late >= (item ->> 'most')::integer then
      answer := 'too-many';
    elsif sealed is not null and not sealed @> jsonb_build_array(jsonb_build_object('id', item ->> 'id', 'hash', item ->> 'hash')) then
      insert into addendum (id, base_id, handover_id, kind, content, content_hash, made_at, received_at, made_by)
      values ((item ->> 'id')::uuid, asked_base, asked_handover, 'late-entry', item -> 'content', item ->> 'hash',
              (item -> 'content' ->> 'at')::timestamptz, at, (item -> 'content' -> 'by' ->> 'person')::uuid);
      late := late + 1;
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
