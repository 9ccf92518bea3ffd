-- What the base has settled, change by change; and on whose side a device records.
create table base_rules (
  base_id uuid not null references base,
  number integer not null check (number > 0),
  rules jsonb not null,
  why text not null check (why <> ''),
  settled_by uuid not null references person,
  settled_at timestamptz not null,
  primary key (base_id, number)
);
create trigger kept_row before update or delete on base_rules for each row execute function refuse_change();
create trigger kept_table before truncate on base_rules for each statement execute function refuse_change();
alter table base_rules enable row level security;
create policy one_base on base_rules using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on base_rules to :app_role;
alter table base drop column rules;

alter table device_grant add column side text not null default 'base' check (side in ('base', 'skipper'));
drop function find_grant(text);
create function find_grant(asked_hash text)
returns table (id uuid, base_id uuid, handover_id uuid, person_id uuid, side text)
language sql stable security definer set search_path from current as $$
  select id, base_id, handover_id, person_id, side from device_grant where token_hash = asked_hash and revoked_at is null
$$;
revoke all on function find_grant(text) from public;
grant execute on function find_grant(text) to :app_role;
