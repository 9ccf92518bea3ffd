-- What the base knows of guests before they come: when they arrive, and that their papers were seen. Never a paper itself.
create table charter_coming (
  base_id uuid not null references base,
  charter_id uuid not null,
  number integer not null check (number > 0),
  arrives_at timestamptz,
  papers_seen boolean not null,
  by_person uuid not null,
  at timestamptz not null,
  primary key (base_id, charter_id, number),
  foreign key (base_id, charter_id) references charter (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
create trigger kept_row before update or delete on charter_coming for each row execute function refuse_change();
create trigger kept_table before truncate on charter_coming for each statement execute function refuse_change();
create trigger deed after insert on charter_coming for each row execute function keep_deed('number arrives_at papers_seen');
alter table charter_coming enable row level security;
create policy one_base on charter_coming using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on charter_coming to :app_role;
