-- Every key that a base has signed with, by number; the last is in use. Each link says which key it was signed with, so that it is proved for ever.
create table signing_key (
  base_id uuid not null references base,
  number integer not null check (number >= 1),
  public_key text not null,
  made_at timestamptz not null,
  by_previous text,
  by_own text,
  primary key (base_id, number)
);
create trigger kept_row before update or delete on signing_key for each row execute function refuse_change();
create trigger kept_table before truncate on signing_key for each statement execute function refuse_change();
alter table signing_key enable row level security;
create policy one_base on signing_key using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on signing_key to :app_role;

alter table chain_link add column key_number integer not null default 1;

-- The keys of every base, for whoever checks a record.
create function published_keys() returns table (base_id uuid, base_name text, number integer, public_key text, made_at timestamptz, by_previous text, by_own text)
language sql stable security definer set search_path = public, pg_temp as $$
  select k.base_id, b.name, k.number, k.public_key, k.made_at, k.by_previous, k.by_own from signing_key k join base b on b.id = k.base_id order by b.name, k.base_id, k.number
$$;
revoke all on function published_keys() from public;
grant execute on function published_keys() to :app_role;
