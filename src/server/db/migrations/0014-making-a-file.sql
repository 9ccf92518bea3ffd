-- A draft of a yacht's file: what it was begun from, and every change to it, in order. Nothing is overwritten.
create table file_draft (
  id uuid primary key,
  base_id uuid not null references base,
  yacht_id uuid not null references yacht,
  -- the revision it was begun from; 0 for a yacht that has none yet
  on_revision integer not null check (on_revision >= 0),
  class_id uuid not null references yacht_class,
  begun_by uuid not null references person,
  begun_at timestamptz not null
);

create table draft_edit (
  id uuid primary key,
  base_id uuid not null references base,
  draft_id uuid not null references file_draft,
  number integer not null check (number > 0),
  content jsonb not null,
  by_person uuid not null references person,
  at timestamptz not null,
  unique (draft_id, number)
);

-- A draft ends as a revision, thrown away, or carried onto a newer revision.
create table draft_end (
  draft_id uuid primary key references file_draft,
  base_id uuid not null references base,
  outcome text not null check (outcome in ('published', 'thrown-away', 'carried')),
  by_person uuid not null references person,
  at timestamptz not null
);

-- What somebody aboard or at a handover says of a file: a proposed change.
create table yacht_note (
  id uuid primary key,
  base_id uuid not null references base,
  yacht_id uuid not null references yacht,
  content jsonb not null,
  content_hash char(64) not null,
  made_by uuid references person,
  received_at timestamptz not null
);
create index yacht_note_by_yacht on yacht_note (yacht_id, received_at);

create table note_answer (
  note_id uuid primary key references yacht_note,
  base_id uuid not null references base,
  answer text not null check (answer in ('taken-over', 'declined')),
  words text not null,
  by_person uuid not null references person,
  at timestamptz not null
);

-- A photo of a note belongs to no handover.
alter table photo alter column handover_id drop not null;

do $$
declare t text;
begin
  foreach t in array array['file_draft', 'draft_edit', 'draft_end', 'yacht_note', 'note_answer']
  loop
    execute format('create trigger kept_row before update or delete on %I for each row execute function refuse_change()', t);
    execute format('create trigger kept_table before truncate on %I for each statement execute function refuse_change()', t);
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', t);
    execute format('grant select, insert on %I to :app_role', t);
  end loop;
end $$;
