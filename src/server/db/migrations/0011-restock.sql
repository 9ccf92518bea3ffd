-- Things put aboard a yacht between her charters, to make up for what was counted short.
create table restock (
  id uuid primary key,
  base_id uuid not null references base,
  yacht_id uuid not null references yacht,
  line text not null,
  pieces integer not null check (pieces > 0),
  noted_by uuid not null references person,
  noted_at timestamptz not null
);
create index restock_of_yacht on restock (yacht_id, noted_at);
create trigger kept_row before update or delete on restock for each row execute function refuse_change();
create trigger kept_table before truncate on restock for each statement execute function refuse_change();
alter table restock enable row level security;
create policy one_base on restock using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on restock to :app_role;
