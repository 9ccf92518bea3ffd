-- Drills that are open on devices of a charter just now: who briefs looks on, and gives one a fault. Nothing of it is kept.
create unlogged table open_drill (
  id uuid not null,
  base_id uuid not null references base,
  charter_id uuid not null,
  content jsonb not null,
  sent_number integer not null default 0,
  sent_fault text,
  -- by the database's own clock: it is about who is there, not about the base's day
  heard_at timestamptz not null default clock_timestamp(),
  watched_at timestamptz,
  primary key (base_id, id),
  foreign key (base_id, charter_id) references charter (base_id, id) on delete cascade
);
create index open_drill_of_charter on open_drill (base_id, charter_id);
alter table open_drill enable row level security;
create policy one_base on open_drill using (base_id = current_base()) with check (base_id = current_base());
grant select, insert, update, delete on open_drill to :app_role;
