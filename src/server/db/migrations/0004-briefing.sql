-- What a skipper said in the study before coming, as it came in; and what crews called the base about.
create table study_answer (
  id uuid not null,
  base_id uuid not null references base,
  charter_id uuid not null references charter,
  content jsonb not null,
  content_hash char(64) not null,
  received_at timestamptz not null,
  primary key (base_id, id)
);
create index study_answer_by_charter on study_answer (charter_id, received_at);

create table call_note (
  id uuid primary key,
  base_id uuid not null references base,
  stay_id uuid not null references stay,
  topic text,
  words text not null check (words <> ''),
  noted_by uuid not null references person,
  noted_at timestamptz not null
);
create index call_note_by_stay on call_note (stay_id, noted_at);

do $$
declare t text;
begin
  foreach t in array array['study_answer', 'call_note']
  loop
    execute format('create trigger kept_row before update or delete on %I for each row execute function refuse_change()', t);
    execute format('create trigger kept_table before truncate on %I for each statement execute function refuse_change()', t);
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', t);
    execute format('grant select, insert on %I to :app_role', t);
  end loop;
end $$;
