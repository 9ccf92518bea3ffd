-- Charters that a base enters itself: no yacht is promised twice.
-- Apart from our own things, of which none belongs to a superuser.
create schema if not exists extension;
create extension if not exists btree_gist with schema extension;

-- From when a yacht is free again after a stay: its end, and the hours that her turn-round takes.
alter table stay add column free_from timestamptz;
create function set_free_from() returns trigger language plpgsql set search_path = public, pg_temp as $$
begin
  new.free_from := greatest(coalesce(new.free_from, new.ends_at), new.ends_at);
  return new;
end $$;
create trigger free_from before insert or update on stay for each row execute function set_free_from();
update stay set free_from = ends_at;
alter table stay alter column free_from set not null;
alter table stay add constraint yacht_promised_once
  exclude using gist (base_id with =, yacht_id with =, tstzrange(starts_at, free_from) with &&);

grant update (yacht_id, starts_at, ends_at, free_from, aboard) on stay to :app_role;
grant update (charterer_id, skipper_id, terms, language) on charter to :app_role;
-- a name is never written over: who signed under it stays who it was; another name is another person
grant update (email, phone) on person to :app_role;

-- What was changed in a charter after it was agreed: why, and who was told.
create table charter_change (
  base_id uuid not null references base,
  charter_id uuid not null,
  number integer not null check (number > 0),
  at timestamptz not null,
  by_person uuid not null,
  why text not null check (why <> ''),
  told text not null default '',
  -- what stood before and what stands since, of what is no person's own
  was jsonb not null,
  became jsonb not null,
  primary key (base_id, charter_id, number),
  foreign key (base_id, charter_id) references charter (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
create trigger kept_row before update or delete on charter_change for each row execute function refuse_change();
create trigger kept_table before truncate on charter_change for each statement execute function refuse_change();
create trigger deed after insert on charter_change for each row execute function keep_deed('number was became');
alter table charter_change enable row level security;
create policy one_base on charter_change using (base_id = current_base()) with check (base_id = current_base());
grant select, insert on charter_change to :app_role;

alter table base_list drop constraint base_list_kind_check;
alter table base_list add constraint base_list_kind_check check (kind in ('extras', 'tasks', 'messages', 'keeping', 'charters'));
