-- Ground floor: the base and its people, yachts, charters, handovers and their entries, seals, money.
-- Every table belongs to a base; the application's role owns nothing and sees one base at a time.

create table base (
  id uuid primary key,
  name text not null,
  place text not null,
  time_zone text not null,
  currency char(3) not null,
  languages text[] not null,
  phone text not null,
  rules jsonb not null default '{}'
);

-- Names and contacts stand here alone, so that they can be erased without touching a sealed record.
create table person (
  id uuid primary key,
  base_id uuid not null references base,
  name text not null,
  email text,
  phone text,
  erased_at timestamptz
);

create table staff (
  person_id uuid primary key references person,
  base_id uuid not null references base,
  email text not null unique check (email = lower(email)),
  password_hash text not null,
  roles text[] not null,
  active boolean not null default true
);

create table yacht_class (
  id uuid primary key,
  base_id uuid not null references base,
  slug text not null,
  revision integer not null,
  document jsonb not null,
  unique (base_id, slug, revision)
);

create table yacht (
  id uuid primary key,
  base_id uuid not null references base,
  slug text not null,
  name text not null,
  berth text not null,
  code text not null unique,
  unique (base_id, slug)
);

create table yacht_revision (
  yacht_id uuid not null references yacht,
  base_id uuid not null references base,
  revision integer not null check (revision > 0),
  class_id uuid not null references yacht_class,
  patch jsonb not null,
  document jsonb not null,
  document_hash char(64) not null,
  published_at timestamptz not null,
  published_by uuid references person,
  why text not null,
  primary key (yacht_id, revision)
);

create table charter (
  id uuid primary key,
  base_id uuid not null references base,
  reference text not null,
  charterer_id uuid not null references person,
  skipper_id uuid not null references person,
  terms jsonb not null,
  unique (base_id, reference)
);

create table stay (
  id uuid primary key,
  base_id uuid not null references base,
  charter_id uuid not null references charter,
  yacht_id uuid not null references yacht,
  starts_at timestamptz not null,
  ends_at timestamptz not null check (ends_at > starts_at),
  aboard integer not null check (aboard > 0)
);
create index stay_by_time on stay (base_id, starts_at, ends_at);

create table charter_link (
  id uuid primary key,
  base_id uuid not null references base,
  charter_id uuid not null references charter,
  secret_hash char(64) not null unique,
  pin_hash text not null,
  wrong_pins integer not null default 0,
  created_at timestamptz not null,
  expires_at timestamptz not null,
  revoked_at timestamptz
);

create table session (
  id uuid primary key,
  base_id uuid not null references base,
  token_hash char(64) not null unique,
  staff_id uuid references staff,
  charter_id uuid references charter,
  created_at timestamptz not null,
  expires_at timestamptz not null,
  revoked_at timestamptz,
  check ((staff_id is null) <> (charter_id is null))
);

create table sign_in_attempt (
  key_hash char(64) not null,
  at timestamptz not null
);
create index sign_in_attempt_by_key on sign_in_attempt (key_hash, at);

create table handover (
  id uuid primary key,
  base_id uuid not null references base,
  stay_id uuid not null references stay,
  kind text not null check (kind in ('check-in', 'check-out')),
  check_in_id uuid references handover,
  yacht_id uuid not null references yacht,
  yacht_revision integer not null,
  list jsonb not null,
  list_hash char(64) not null,
  opened_at timestamptz not null,
  opened_by uuid not null references person,
  last_number integer not null default 0,
  unique (stay_id, kind),
  foreign key (yacht_id, yacht_revision) references yacht_revision,
  check ((kind = 'check-out') = (check_in_id is not null))
);

create table device_grant (
  id uuid primary key,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  token_hash char(64) not null unique,
  person_id uuid not null references person,
  created_at timestamptz not null,
  revoked_at timestamptz
);

create table entry (
  id uuid not null,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  number integer not null,
  subject text not null,
  aspect text not null,
  content jsonb not null,
  content_hash char(64) not null,
  received_at timestamptz not null,
  primary key (base_id, id),
  unique (handover_id, number)
);

create table photo (
  hash char(64) not null,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  media_type text not null,
  width integer not null,
  height integer not null,
  bytes bytea not null,
  thumbnail bytea not null,
  received_at timestamptz not null,
  primary key (base_id, hash)
);
alter table photo alter column bytes set storage external, alter column thumbnail set storage external;

create table seal (
  id uuid primary key,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  manifest jsonb not null,
  digest char(64) not null,
  signatures jsonb not null,
  seal char(64) not null,
  device uuid not null,
  sealed_at timestamptz not null,
  received_at timestamptz not null,
  number integer not null,
  unique (handover_id, seal),
  unique (handover_id, number)
);

-- What was put on the glass; outside the seal, which holds only its imprint.
create table signature_content (
  seal_id uuid not null references seal,
  base_id uuid not null references base,
  side text not null,
  content jsonb not null,
  primary key (seal_id, side)
);

create table chain_link (
  yacht_id uuid not null references yacht,
  base_id uuid not null references base,
  number integer not null check (number > 0),
  seal_id uuid not null references seal,
  previous char(64),
  hash char(64) not null,
  received_at timestamptz not null,
  signature text not null,
  primary key (yacht_id, number)
);

create table addendum (
  id uuid primary key,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  kind text not null check (kind in ('late-entry', 'late-finding', 'visit', 'correction')),
  content jsonb not null,
  content_hash char(64) not null,
  made_at timestamptz not null,
  received_at timestamptz not null,
  made_by uuid not null
);

create table addendum_acknowledgement (
  addendum_id uuid not null references addendum,
  base_id uuid not null references base,
  person_id uuid not null,
  at timestamptz not null,
  words text not null default '',
  primary key (addendum_id, person_id)
);

-- What people decide about a difference; the last decision stands, the earlier ones are kept.
create table charge_decision (
  id uuid primary key,
  base_id uuid not null references base,
  stay_id uuid not null references stay,
  difference_id text not null,
  number integer not null,
  decision jsonb not null,
  why text not null,
  decided_by uuid not null references person,
  decided_at timestamptz not null,
  unique (stay_id, difference_id, number)
);

create table settlement (
  id uuid primary key,
  base_id uuid not null references base,
  stay_id uuid not null unique references stay,
  check_in_seal char(64) not null,
  check_out_seal char(64) not null,
  input jsonb not null,
  output jsonb not null,
  words jsonb not null,
  reservations jsonb not null,
  digest char(64) not null,
  signatures jsonb not null,
  seal char(64) not null,
  sealed_at timestamptz not null
);

create table settlement_signature (
  settlement_id uuid not null references settlement,
  base_id uuid not null references base,
  side text not null,
  content jsonb not null,
  primary key (settlement_id, side)
);

create table deposit_event (
  id uuid primary key,
  base_id uuid not null references base,
  stay_id uuid not null references stay,
  number integer not null,
  kind text not null check (kind in ('held', 'declined', 'timed-out', 'captured', 'released')),
  amount_minor bigint not null check (amount_minor >= 0),
  currency char(3) not null,
  request_key text not null,
  terminal_reference text,
  by_person uuid references person,
  at timestamptz not null,
  unique (stay_id, number),
  unique (request_key, kind)
);

-- The simulated card terminal's own book: it answers a repeated request with its first answer.
create table terminal_book (
  request_key text primary key,
  base_id uuid not null references base,
  reference text not null,
  action text not null,
  amount_minor bigint not null,
  currency char(3) not null,
  answer text not null,
  at timestamptz not null
);

-- ---------------------------------------------------------------------------------------------------------------
-- Kept for good: nobody changes or removes a row, not even the owner.

create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception 'rows of % are kept as they are: % is refused', tg_table_name, tg_op using errcode = 'integrity_constraint_violation';
end $$;

do $$
declare t text;
begin
  foreach t in array array['yacht_class', 'yacht_revision', 'entry', 'photo', 'seal', 'chain_link', 'addendum',
    'addendum_acknowledgement', 'charge_decision', 'settlement', 'deposit_event', 'terminal_book']
  loop
    execute format('create trigger kept_row before update or delete on %I for each row execute function refuse_change()', t);
    execute format('create trigger kept_table before truncate on %I for each statement execute function refuse_change()', t);
  end loop;
end $$;

-- the list of a handover and its pins never change; its counter does
create function refuse_list_change() returns trigger language plpgsql as $$
begin
  if (new.list, new.list_hash, new.stay_id, new.kind, new.yacht_revision) is distinct from (old.list, old.list_hash, old.stay_id, old.kind, old.yacht_revision) then
    raise exception 'the list of a handover is fixed when it is opened' using errcode = 'integrity_constraint_violation';
  end if;
  return new;
end $$;
create trigger kept_list before update on handover for each row execute function refuse_list_change();
create trigger kept_row before delete on handover for each row execute function refuse_change();
create trigger kept_table before truncate on handover for each statement execute function refuse_change();

-- ---------------------------------------------------------------------------------------------------------------
-- One base at a time.

create function current_base() returns uuid language sql stable as $$
  select nullif(current_setting('brinecove.base', true), '')::uuid
$$;

do $$
declare t record;
begin
  for t in select c.relname, exists (select 1 from pg_attribute a where a.attrelid = c.oid and a.attname = 'base_id') as has_base
           from pg_class c join pg_namespace n on n.oid = c.relnamespace
           where n.nspname = current_schema() and c.relkind = 'r' and c.relname not in ('schema_migration', 'sign_in_attempt')
  loop
    execute format('alter table %I enable row level security', t.relname);
    execute format('create policy one_base on %I using (%I = current_base()) with check (%I = current_base())',
      t.relname, case when t.has_base then 'base_id' else 'id' end, case when t.has_base then 'base_id' else 'id' end);
    execute format('grant select, insert on %I to :app_role', t.relname);
  end loop;
end $$;
grant update (last_number) on handover to :app_role;
grant update (revoked_at) on session, device_grant, charter_link to :app_role;
grant update (berth) on yacht to :app_role;
alter table sign_in_attempt enable row level security;

-- ---------------------------------------------------------------------------------------------------------------
-- The ways in: a secret is looked up before anyone knows which base it belongs to.

create function find_staff(asked_email text)
returns table (person_id uuid, base_id uuid, name text, password_hash text, roles text[])
language sql stable security definer set search_path from current as $$
  select s.person_id, s.base_id, p.name, s.password_hash, s.roles
  from staff s join person p on p.id = s.person_id
  where s.email = asked_email and s.active
$$;

create function find_session(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, staff_id uuid, charter_id uuid, name text, roles text[])
language sql stable security definer set search_path from current as $$
  select s.id, s.base_id, s.staff_id, s.charter_id, p.name, coalesce(f.roles, '{}')
  from session s
  left join staff f on f.person_id = s.staff_id
  left join charter c on c.id = s.charter_id
  left join person p on p.id = coalesce(s.staff_id, c.skipper_id)
  where s.token_hash = asked_hash and s.revoked_at is null and s.expires_at > at
    and (s.staff_id is null or f.active)
$$;

create function find_grant(asked_hash text)
returns table (id uuid, base_id uuid, handover_id uuid, person_id uuid)
language sql stable security definer set search_path from current as $$
  select id, base_id, handover_id, person_id from device_grant where token_hash = asked_hash and revoked_at is null
$$;

create function find_yacht_by_code(asked_code text)
returns table (id uuid, base_id uuid)
language sql stable security definer set search_path from current as $$
  select id, base_id from yacht where code = asked_code
$$;

-- A wrong PIN is counted where it is looked up, so that guesses sent at once count too; ten lock the link.
create function open_link(asked_hash text, at timestamptz)
returns table (id uuid, base_id uuid, charter_id uuid, pin_hash text, state text)
language plpgsql security definer set search_path from current as $$
begin
  return query
    update charter_link l set wrong_pins = least(l.wrong_pins + 1, 1000) where l.secret_hash = asked_hash
    returning l.id, l.base_id, l.charter_id, l.pin_hash,
      case when l.revoked_at is not null then 'revoked' when l.expires_at <= at then 'expired' when l.wrong_pins > 10 then 'locked' else 'open' end;
end $$;
create function pin_was_right(link uuid) returns void language sql security definer set search_path from current as $$
  update charter_link set wrong_pins = 0 where id = link and wrong_pins <= 10
$$;

-- Whether anything has been set up yet; asked before a base is known.
create function base_exists() returns boolean language sql stable security definer set search_path from current as $$
  select exists (select 1 from base)
$$;

-- Counts an attempt and says how many there were in the last minutes.
create function count_sign_in(key text, at timestamptz, minutes integer) returns integer
language plpgsql security definer set search_path from current as $$
declare n integer;
begin
  delete from sign_in_attempt a where a.at < count_sign_in.at - interval '1 day';
  insert into sign_in_attempt values (key, at);
  select count(*) into n from sign_in_attempt a where a.key_hash = key and a.at > count_sign_in.at - make_interval(mins => minutes);
  return n;
end $$;
create function forget_sign_ins(key text) returns void language sql security definer set search_path from current as $$
  delete from sign_in_attempt where key_hash = key
$$;

-- ---------------------------------------------------------------------------------------------------------------
-- The feed: gapless numbers in commit order, under a lock on the handover's row. One call, one round trip.
-- Each item: {id, subject, aspect, content, hash}. Answers in the same order: kept, same, other-content, unknown-basis, late.

create function append_entries(asked_base uuid, asked_handover uuid, items jsonb, at timestamptz)
returns jsonb language plpgsql as $$
declare
  item jsonb;
  next_number integer;
  sealed jsonb;
  known_hash text;
  answers jsonb := '[]';
  answer text;
begin
  perform set_config('brinecove.base', asked_base::text, true);
  select last_number into next_number from handover where id = asked_handover for update;
  if not found then raise exception 'no such handover' using errcode = 'no_data_found'; end if;
  select s.manifest -> 'entries' into sealed from seal s where s.handover_id = asked_handover and s.number = 1;
  for item in select * from jsonb_array_elements(items) loop
    select content_hash into known_hash from entry where id = (item ->> 'id')::uuid;
    if not found then
      select content_hash into known_hash from addendum where id = (item ->> 'id')::uuid;
    end if;
    if found then
      answer := case when known_hash = item ->> 'hash' then 'same' else 'other-content' end;
    elsif (select count(*) from entry e where e.handover_id = asked_handover and e.subject = item ->> 'subject' and e.aspect = item ->> 'aspect'
             and e.id::text in (select jsonb_array_elements_text(item -> 'content' -> 'basis'))) < jsonb_array_length(item -> 'content' -> 'basis') then
      answer := 'unknown-basis';
    elsif sealed is not null and not sealed @> jsonb_build_array(jsonb_build_object('id', item ->> 'id', 'hash', item ->> 'hash')) then
      insert into addendum (id, base_id, handover_id, kind, content, content_hash, made_at, received_at, made_by)
      values ((item ->> 'id')::uuid, asked_base, asked_handover, 'late-entry', item -> 'content', item ->> 'hash',
              (item -> 'content' ->> 'at')::timestamptz, at, (item -> 'content' -> 'by' ->> 'person')::uuid);
      answer := 'late';
    else
      next_number := next_number + 1;
      insert into entry (id, base_id, handover_id, number, subject, aspect, content, content_hash, received_at)
      values ((item ->> 'id')::uuid, asked_base, asked_handover, next_number, item ->> 'subject', item ->> 'aspect', item -> 'content', item ->> 'hash', at);
      answer := 'kept';
    end if;
    answers := answers || to_jsonb(answer);
  end loop;
  update handover set last_number = next_number where id = asked_handover and last_number <> next_number;
  return answers;
end $$;

do $$
declare f text;
begin
  foreach f in array array['find_staff(text)', 'find_session(text, timestamptz)', 'find_grant(text)', 'find_yacht_by_code(text)',
    'open_link(text, timestamptz)', 'pin_was_right(uuid)', 'count_sign_in(text, timestamptz, integer)', 'forget_sign_ins(text)',
    'append_entries(uuid, uuid, jsonb, timestamptz)', 'current_base()', 'base_exists()']
  loop
    execute format('revoke all on function %s from public', f);
    execute format('grant execute on function %s to :app_role', f);
  end loop;
end $$;
