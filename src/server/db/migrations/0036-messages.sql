-- Messages that leave the house: what kind, in which language and by which way, and each state on its way.
alter table outbox_message
  add column kind text not null default 'copy',
  add column way text not null default 'mail' check (way in ('mail', 'text')),
  add column language text not null default 'en',
  -- to whom: a person, so that what is known of them can be erased; none for what was written before
  add column person_id uuid,
  -- what is sent once a charter and person by itself, however many processes come to it
  add column once text;
create unique index outbox_message_once on outbox_message (base_id, once) where once is not null;
create index outbox_message_of_stay on outbox_message (base_id, stay_id);
alter table outbox_message add constraint outbox_message_of_base unique (base_id, id);

create table message_state (
  base_id uuid not null references base,
  message_id uuid not null,
  number integer not null check (number > 0),
  state text not null check (state in ('queued', 'sending', 'sent', 'failed', 'given-up', 'unclear', 'simulated', 'no-address')),
  at timestamptz not null,
  -- what the server said
  detail text not null default '',
  primary key (base_id, message_id, number),
  foreign key (base_id, message_id) references outbox_message (base_id, id)
);

-- What is secret in a message, until it is sent: a link, a PIN. It stands in no list and in no log.
create table message_secret (
  base_id uuid not null references base,
  message_id uuid not null,
  name text not null,
  value text not null,
  primary key (base_id, message_id, name),
  foreign key (base_id, message_id) references outbox_message (base_id, id)
);

-- A file that goes with a message: the statement on paper.
create table message_file (
  base_id uuid not null references base,
  message_id uuid not null,
  name text not null,
  media text not null,
  bytes bytea not null,
  primary key (base_id, message_id, name),
  foreign key (base_id, message_id) references outbox_message (base_id, id)
);

do $$
declare
  t text;
begin
  foreach t in array array['message_state', 'message_secret', 'message_file'] loop
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', t);
  end loop;
  foreach t in array array['message_state', 'message_file'] loop
    execute format('grant select, insert on %I to :app_role', t);
    execute format('create trigger kept_row before update or delete on %I for each row execute function refuse_change()', t);
    execute format('create trigger kept_table before truncate on %I for each statement execute function refuse_change()', t);
  end loop;
end $$;
-- the app writes a secret and never reads one
grant insert on message_secret to :app_role;

insert into message_state (base_id, message_id, number, state, at)
  select base_id, id, 1, case when to_address is null then 'no-address' else 'simulated' end, at from outbox_message;

-- Gives a message of this base to the queue. The queue belongs to the house: the app can put in, and nothing else.
create function queue_message(asked_id uuid) returns void
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if not exists (select 1 from outbox_message m where m.base_id = current_base() and m.id = asked_id) then
    raise exception 'no such message at this base';
  end if;
  perform graphile_worker.add_job('send-message', json_build_object('message', asked_id), job_key := asked_id::text, max_attempts := 10);
end $$;
revoke all on function queue_message(uuid) from public;
grant execute on function queue_message(uuid) to :app_role;

drop trigger deed on outbox_message;
create trigger deed after insert on outbox_message for each row execute function keep_deed('kind way');
-- the states that a person brings about: given to the queue again
create trigger deed after insert on message_state for each row when (new.number > 1 and new.state = 'queued') execute function keep_deed('number state');
alter table base_list drop constraint if exists base_list_kind_check;
alter table base_list add constraint base_list_kind_check check (kind in ('extras', 'tasks', 'messages'));

-- How the whole installation's messages stand, for whoever watches the machine: counts, and nothing of anybody.
create function messages_standing() returns table (state text, count int, since timestamptz)
language sql stable security definer set search_path = public, pg_temp as $$
  select s.state, count(*)::int, min(s.at)
  from outbox_message m
  join lateral (select x.state, x.at from message_state x where x.base_id = m.base_id and x.message_id = m.id order by x.number desc limit 1) s on true
  where m.at > now() - interval '60 days' group by s.state
$$;
revoke all on function messages_standing() from public;
grant execute on function messages_standing() to :app_role;
