-- Who has the work on a defect; the last word counts, and nobody for one that was taken away again.
create table work_assignment (
  defect_id uuid not null,
  base_id uuid not null references base,
  number integer not null check (number > 0),
  person_id uuid,
  by_person uuid not null,
  at timestamptz not null,
  primary key (base_id, defect_id, number),
  foreign key (base_id, defect_id) references defect (base_id, id),
  foreign key (base_id, person_id) references person (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
create trigger kept_row before update or delete on work_assignment for each row execute function refuse_change();
create trigger kept_table before truncate on work_assignment for each statement execute function refuse_change();
alter table work_assignment enable row level security;
create policy one_base on work_assignment using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on work_assignment to :app_role;
