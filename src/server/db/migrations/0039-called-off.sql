-- Charters that do not take place, and times in which a yacht is nobody's to promise.
alter table stay add column called_off text check (called_off in ('cancelled', 'no-show'));
grant update (called_off) on stay to :app_role;
-- days that were called off are free for others
alter table stay drop constraint yacht_promised_once;
alter table stay add constraint yacht_promised_once
  exclude using gist (base_id with =, yacht_id with =, tstzrange(starts_at, free_from) with &&) where (called_off is null);

create table yacht_closing (
  id uuid not null,
  base_id uuid not null references base,
  yacht_id uuid not null,
  kind text not null check (kind in ('service', 'not-available')),
  starts_at timestamptz not null,
  ends_at timestamptz not null,
  words text not null default '',
  by_person uuid not null,
  at timestamptz not null,
  -- taken off again; the row stays
  taken_off_at timestamptz,
  primary key (base_id, id),
  check (starts_at < ends_at),
  foreign key (base_id, yacht_id) references yacht (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
create index yacht_closing_days on yacht_closing using gist (base_id, yacht_id, tstzrange(starts_at, ends_at)) where (taken_off_at is null);
create index stay_days on stay using gist (base_id, yacht_id, tstzrange(starts_at, ends_at));
alter table yacht_closing enable row level security;
create policy one_base on yacht_closing using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on yacht_closing to :app_role;
grant update (taken_off_at) on yacht_closing to :app_role;
create trigger deed after insert or update on yacht_closing for each row execute function keep_deed('kind starts_at ends_at taken_off_at');

-- Stays and closings keep out of each other's way. Those who write for one yacht take turns, so that of two at once the
-- second sees what the first has written.
create function keep_apart() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
begin
  perform pg_advisory_xact_lock(hashtext('days of ' || new.yacht_id));
  if tg_table_name = 'stay' then
    if new.called_off is null and exists (
      select 1 from yacht_closing c where c.base_id = new.base_id and c.yacht_id = new.yacht_id and c.taken_off_at is null
        and tstzrange(c.starts_at, c.ends_at) && tstzrange(new.starts_at, new.ends_at)) then
      raise exclusion_violation using constraint = 'yacht_closed', message = 'the yacht is closed in these days';
    end if;
  elsif new.taken_off_at is null and exists (
      select 1 from stay s where s.base_id = new.base_id and s.yacht_id = new.yacht_id and s.called_off is null
        and tstzrange(s.starts_at, s.ends_at) && tstzrange(new.starts_at, new.ends_at)) then
    raise exclusion_violation using constraint = 'yacht_closed', message = 'the yacht is promised in these days';
  end if;
  return new;
end $$;
create trigger apart before insert or update of yacht_id, starts_at, ends_at, called_off on stay for each row execute function keep_apart();
create trigger apart before insert or update on yacht_closing for each row execute function keep_apart();
