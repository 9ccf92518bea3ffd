-- Two whole seals of one handover: the first received stands until a manager says otherwise, with a reason; the last word counts.
create table seal_choice (
  id uuid primary key,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  seal_id uuid not null references seal,
  why text not null check (why ~ '\S'),
  chosen_by uuid not null references person,
  chosen_at timestamptz not null,
  number integer not null,
  unique (handover_id, number)
);
create trigger kept_row before update or delete on seal_choice for each row execute function refuse_change();
create trigger kept_table before truncate on seal_choice for each statement execute function refuse_change();
alter table seal_choice enable row level security;
create policy one_base on seal_choice using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on seal_choice to :app_role;
