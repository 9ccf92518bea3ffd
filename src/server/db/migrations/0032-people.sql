-- A link by which somebody gets an account at the base, or a new password; good once and for two days. The last one made
-- for an address counts.
create table invitation (
  id uuid primary key,
  base_id uuid not null references base,
  secret_hash char(64) not null unique,
  -- whose password is set anew; null for somebody new
  person_id uuid,
  name text not null,
  email text not null check (email = lower(email)),
  roles text[] not null,
  made_by uuid not null,
  made_at timestamptz not null,
  expires_at timestamptz not null,
  used_at timestamptz,
  ended_at timestamptz,
  unique (base_id, id),
  foreign key (base_id, made_by) references person (base_id, id),
  foreign key (base_id, person_id) references person (base_id, id)
);
create index invitation_by_base on invitation (base_id, made_at);
alter table invitation enable row level security;
create policy one_base on invitation using (base_id = current_base()) with check (base_id = current_base());
grant select, insert, update (used_at, ended_at) on invitation to :app_role;

-- A secret is looked up before anybody knows which base it belongs to.
create function find_invitation(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, base_name text, person_id uuid, name text, email text, roles text[])
language sql stable security definer set search_path = public, pg_temp as $$
  select i.id, i.base_id, b.name, i.person_id, i.name, i.email, i.roles
  from invitation i join base b on b.id = i.base_id
  where i.secret_hash = asked_hash and i.used_at is null and i.ended_at is null and i.expires_at > find_invitation.at
$$;
revoke all on function find_invitation(text, timestamptz) from public;
grant execute on function find_invitation(text, timestamptz) to :app_role;

-- Roles, account and password of somebody change; that a person was there never does.
grant update (roles, active, password_hash) on staff to :app_role;
