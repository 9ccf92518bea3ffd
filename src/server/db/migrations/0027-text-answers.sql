-- A text in question that somebody has read and found right. It holds for this text beside this fact: another of either is another basis.
create table text_answer (
  base_id uuid not null references base,
  basis text not null check (basis ~ '^[0-9a-f]{64}$'),
  path text not null,
  code text not null,
  by_person uuid not null,
  at timestamptz not null,
  primary key (base_id, basis),
  foreign key (base_id, by_person) references person (base_id, id)
);
create trigger kept_row before update or delete on text_answer for each row execute function refuse_change();
create trigger kept_table before truncate on text_answer for each statement execute function refuse_change();
alter table text_answer enable row level security;
create policy one_base on text_answer using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on text_answer to :app_role;
