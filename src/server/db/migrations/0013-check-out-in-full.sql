-- What stands on a statement beside the differences: services, a sum kept for below the water, fuel bought on the way.
-- The last number of an id holds; without content it was taken off again.
create table settlement_extra (
  id uuid not null,
  base_id uuid not null references base,
  stay_id uuid not null references stay,
  number integer not null check (number > 0),
  extra jsonb,
  why text not null,
  by_person uuid not null references person,
  at timestamptz not null,
  primary key (id, number)
);
create index settlement_extra_by_stay on settlement_extra (stay_id, id, number);

-- A statement that the charterer did not sign: why not, and until when every line of it can be objected to.
alter table settlement add column without jsonb, add column object_until timestamptz;

create table settlement_objection (
  id uuid primary key,
  base_id uuid not null references base,
  settlement_id uuid not null references settlement,
  line text not null,
  words text not null check (words <> ''),
  -- who of the base noted it; null where it came from the boat book
  noted_by uuid references person,
  at timestamptz not null
);

-- What came of a line in the end.
create table settlement_outcome (
  settlement_id uuid not null references settlement,
  base_id uuid not null references base,
  line text not null,
  amount_minor bigint not null check (amount_minor >= 0),
  words text not null check (words <> ''),
  agreed_by uuid not null references person,
  at timestamptz not null,
  primary key (settlement_id, line)
);

-- What is to be sent to people. Sending itself is simulated: it is read in the app.
create table outbox_message (
  id uuid primary key,
  base_id uuid not null references base,
  stay_id uuid references stay,
  to_name text not null,
  to_address text,
  subject text not null,
  words text not null,
  at timestamptz not null
);

-- Work takes parts and minutes, and is proved by a photo or a reading.
alter table work_step add column parts text not null default '', add column minutes integer check (minutes >= 0), add column reading text not null default '', add column photos jsonb not null default '[]';

-- What the base asks for work, parts and services; the last number holds.
create table price_list (
  base_id uuid not null references base,
  number integer not null check (number > 0),
  list jsonb not null,
  why text not null check (why <> ''),
  settled_by uuid not null references person,
  settled_at timestamptz not null,
  primary key (base_id, number)
);

-- Things found aboard that belong to a crew: kept at the base, sent, fetched.
create table found_return (
  id uuid primary key,
  base_id uuid not null references base,
  handover_id uuid not null references handover,
  found uuid not null,
  state text not null check (state in ('kept', 'returned', 'disposed')),
  words text not null,
  by_person uuid not null references person,
  at timestamptz not null
);

do $$
declare t text;
begin
  foreach t in array array['settlement_extra', 'settlement_objection', 'settlement_outcome', 'outbox_message', 'found_return', 'price_list']
  loop
    execute format('create trigger kept_row before update or delete on %I for each row execute function refuse_change()', t);
    execute format('create trigger kept_table before truncate on %I for each statement execute function refuse_change()', t);
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', t);
    execute format('grant select, insert on %I to :app_role', t);
  end loop;
end $$;
