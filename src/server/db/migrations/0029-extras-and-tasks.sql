-- What a base lends to charters, and what it does between two of them: whole lists, change by change.
create table base_list (
  base_id uuid not null references base,
  kind text not null check (kind in ('extras', 'tasks')),
  number integer not null check (number > 0),
  list jsonb not null,
  by_person uuid not null,
  at timestamptz not null,
  primary key (base_id, kind, number),
  foreign key (base_id, by_person) references person (base_id, id)
);
create trigger kept_row before update or delete on base_list for each row execute function refuse_change();
create trigger kept_table before truncate on base_list for each statement execute function refuse_change();
alter table base_list enable row level security;
create policy one_base on base_list using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on base_list to :app_role;

-- The extras that a charter has hired, with a copy of each as it was agreed; the last word counts.
create table hired_extras (
  base_id uuid not null references base,
  charter_id uuid not null,
  number integer not null check (number > 0),
  hired jsonb not null,
  by_person uuid not null,
  at timestamptz not null,
  primary key (base_id, charter_id, number),
  foreign key (base_id, charter_id) references charter (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
create trigger kept_row before update or delete on hired_extras for each row execute function refuse_change();
create trigger kept_table before truncate on hired_extras for each statement execute function refuse_change();
alter table hired_extras enable row level security;
create policy one_base on hired_extras using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on hired_extras to :app_role;
