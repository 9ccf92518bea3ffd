-- A request key belongs to a base, a stay and a purpose, and is written as `purpose:stay:key`: what a client chose can
-- never meet what the server makes of a stay, and one base's keys never meet another's.
alter table deposit_event drop constraint deposit_event_request_key_kind_key;
alter table deposit_event add constraint deposit_event_request unique (base_id, request_key, kind);
create index deposit_event_asked on deposit_event (base_id, split_part(request_key, ':', 3));
-- of what was taken or given back: the request key of the hold it came out of; null with what came in by hand, and on
-- rows of before, which came out of the first hold
alter table deposit_event add column hold_key text;

alter table terminal_book drop constraint terminal_book_pkey;
alter table terminal_book add primary key (base_id, request_key);

-- What looked over a base at night and what it found; the newest counts.
create table night_look (
  base_id uuid not null references base,
  number integer not null,
  at timestamptz not null,
  findings jsonb not null,
  primary key (base_id, number)
);
create trigger kept_row before update or delete on night_look for each row execute function refuse_change();
create trigger kept_table before truncate on night_look for each statement execute function refuse_change();
alter table night_look enable row level security;
create policy one_base on night_look using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on night_look to :app_role;

-- Every base there is: row-level security shows one at a time, and who looks over all of them has to know which.
create function every_base() returns table (id uuid, time_zone text)
language sql stable security definer set search_path = public, pg_temp as $$
  select id, time_zone from base
$$;
