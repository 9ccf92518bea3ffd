-- The charterer's written authority for the skipper to settle money: noted under its number or date, the last one stands.
create table money_authority (
  id uuid primary key,
  base_id uuid not null references base,
  charter_id uuid not null references charter,
  reference text not null check (reference ~ '\S'),
  noted_by uuid not null references person,
  noted_at timestamptz not null
);
create index money_authority_of_charter on money_authority (charter_id, noted_at);
create trigger kept_row before update or delete on money_authority for each row execute function refuse_change();
create trigger kept_table before truncate on money_authority for each statement execute function refuse_change();
alter table money_authority enable row level security;
create policy one_base on money_authority using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on money_authority to :app_role;
