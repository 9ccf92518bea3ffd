-- Manuals of devices as PDF, by the hash of their bytes; a yacht's file names them.
create table manual (
  base_id uuid not null references base,
  hash char(64) not null,
  bytes bytea not null,
  by_person uuid not null,
  at timestamptz not null,
  primary key (base_id, hash),
  foreign key (base_id, by_person) references person (base_id, id)
);
alter table manual alter column bytes set storage external;
create trigger kept_row before update or delete on manual for each row execute function refuse_change();
create trigger kept_table before truncate on manual for each statement execute function refuse_change();
alter table manual enable row level security;
create policy one_base on manual using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on manual to :app_role;
