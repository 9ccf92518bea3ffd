-- A code by which crew join a handover with devices of their own; kept as a hash, short-lived, the last one made counts.
create table join_code (
  id uuid primary key,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  code_hash char(64) not null,
  created_at timestamptz not null,
  expires_at timestamptz not null
);
create index join_code_by_hash on join_code (code_hash);
create trigger kept_row before update or delete on join_code for each row execute function refuse_change();
create trigger kept_table before truncate on join_code for each statement execute function refuse_change();
alter table join_code enable row level security;
create policy one_base on join_code using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on join_code to :app_role;

create function find_join_code(asked_hash text, at timestamptz)
returns table (base_id uuid, handover_id uuid)
language sql stable security definer set search_path from current as $$
  select j.base_id, j.handover_id from join_code j
  where j.code_hash = asked_hash and j.expires_at > at
    and not exists (select 1 from join_code later where later.handover_id = j.handover_id and later.created_at > j.created_at)
    and not exists (select 1 from seal s where s.handover_id = j.handover_id)
$$;
revoke all on function find_join_code(text, timestamptz) from public;
grant execute on function find_join_code(text, timestamptz) to :app_role;
