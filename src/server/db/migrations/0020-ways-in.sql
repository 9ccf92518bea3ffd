-- Rights end with what they rest on: a device of the base with its person's work there, a phone that joined two days after
-- the record stands, every device sixty days after the charter, and the boat book's sessions with their link.
drop function find_grant(text);
create function find_grant(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, handover_id uuid, person_id uuid, side text)
language sql stable security definer set search_path = public, pg_temp as $$
  select g.id, g.base_id, g.handover_id, g.person_id, g.side
  from device_grant g join handover h on h.id = g.handover_id join stay s on s.id = h.stay_id join charter c on c.id = s.charter_id
  where g.token_hash = asked_hash and g.revoked_at is null and s.ends_at + interval '60 days' > at
    and (g.side <> 'base' or exists (select 1 from staff f where f.person_id = g.person_id and f.active))
    and (g.side <> 'skipper' or g.person_id in (c.skipper_id, c.charterer_id)
      or not exists (select 1 from standing_seal t where t.handover_id = h.id and t.received_at + interval '2 days' < at))
$$;

alter table session add column link_id uuid references charter_link;
create or replace function find_session(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, staff_id uuid, charter_id uuid, name text, roles text[])
language sql stable security definer set search_path = public, pg_temp as $$
  select s.id, s.base_id, s.staff_id, s.charter_id, p.name, coalesce(f.roles, '{}')
  from session s
  left join staff f on f.person_id = s.staff_id
  left join charter c on c.id = s.charter_id
  left join person p on p.id = coalesce(s.staff_id, c.skipper_id)
  where s.token_hash = asked_hash and s.revoked_at is null and s.expires_at > at
    and (s.staff_id is null or f.active)
    and (s.link_id is null or exists (select 1 from charter_link l where l.id = s.link_id and l.revoked_at is null and l.expires_at > at))
$$;

-- The PIN of a link is looked at by one after the other, so that right ones that come together never lock it.
drop function open_link(text, timestamptz);
create function take_link(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, charter_id uuid, pin_hash text, state text)
language sql security definer set search_path = public, pg_temp as $$
  select l.id, l.base_id, l.charter_id, l.pin_hash,
    case when l.revoked_at is not null then 'revoked' when l.expires_at <= at then 'expired' when l.wrong_pins >= 10 then 'locked' else 'open' end
  from charter_link l where l.secret_hash = asked_hash for update
$$;
create function wrong_pin(link uuid) returns void language sql security definer set search_path = public, pg_temp as $$
  update charter_link set wrong_pins = least(wrong_pins + 1, 1000) where id = link
$$;

-- Whether a browser has signed in as somebody before: a stranger who guesses elsewhere does not lock it out.
create function is_known_browser(asked_hash text, asked_email text) returns boolean
language sql stable security definer set search_path = public, pg_temp as $$
  select exists (select 1 from session s join staff f on f.person_id = s.staff_id where s.token_hash = asked_hash and f.email = asked_email)
$$;

do $$
declare f text;
begin
  foreach f in array array['find_grant(text, timestamptz)', 'find_session(text, timestamptz)', 'take_link(text, timestamptz)', 'wrong_pin(uuid)', 'is_known_browser(text, text)']
  loop
    execute format('revoke all on function %s from public', f);
    execute format('grant execute on function %s to :app_role', f);
  end loop;
end $$;
