-- The waters of a base as they were told, change by change: anchorages, hazards, harbours, local rules.
create table area (
  base_id uuid not null references base,
  number integer not null check (number > 0),
  area jsonb not null,
  by_person uuid not null,
  at timestamptz not null,
  primary key (base_id, number),
  foreign key (base_id, by_person) references person (base_id, id)
);
create trigger kept_row before update or delete on area for each row execute function refuse_change();
create trigger kept_table before truncate on area for each statement execute function refuse_change();
alter table area enable row level security;
create policy one_base on area using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on area to :app_role;
