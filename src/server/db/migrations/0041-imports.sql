-- Lists of charters taken in from other programs. Charters of one list may exchange their days: what stands twice is
-- refused when all of them stand.
alter table stay drop constraint yacht_promised_once;
alter table stay add constraint yacht_promised_once
  exclude using gist (base_id with =, yacht_id with =, tstzrange(starts_at, free_from) with &&) where (called_off is null)
  deferrable initially immediate;

create table import_run (
  id uuid not null,
  base_id uuid not null references base,
  kind text not null check (kind in ('charters')),
  file_name text not null,
  by_person uuid not null,
  at timestamptz not null,
  -- how many rows changed mail addresses or telephone numbers alone, were as they stood here, were refused or left out
  contacts integer not null,
  same integer not null,
  left_out integer not null,
  primary key (base_id, id),
  foreign key (base_id, by_person) references person (base_id, id)
);
create table import_row (
  base_id uuid not null references base,
  import_id uuid not null,
  line integer not null,
  reference text not null,
  -- without a foreign key: a charter that is taken back goes, and that it came stays
  charter_id uuid not null,
  fate text not null check (fate in ('new', 'changed')),
  -- of a change: its number, and what stood before it, of people their ids alone
  change_number integer,
  was jsonb,
  undone_at timestamptz,
  undone_by uuid,
  primary key (base_id, import_id, line),
  check ((fate = 'changed') = (change_number is not null and was is not null)),
  foreign key (base_id, import_id) references import_run (base_id, id),
  foreign key (base_id, undone_by) references person (base_id, id)
);
create trigger deed after insert on import_run for each row execute function keep_deed('file_name contacts same left_out');
create trigger deed after update on import_row for each row execute function keep_deed('reference fate undone_at');
do $$
declare name text;
begin
  foreach name in array array['import_run', 'import_row'] loop
    execute format('alter table %I enable row level security', name);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', name);
    execute format('grant select, insert on %I to :app_role', name);
  end loop;
end $$;
grant update (undone_at, undone_by) on import_row to :app_role;

-- Takes a charter off again that nothing was built on: whatever leads to it keeps it. Its people go where no other charter
-- names them. Says whether it went.
create function take_back_charter(charter uuid) returns boolean
language plpgsql security definer set search_path = public, pg_temp as $$
declare
  people uuid[];
begin
  select array[c.charterer_id, c.skipper_id] into people from charter c where c.base_id = current_base() and c.id = charter for update;
  if not found then return false; end if;
  if exists (select 1 from charter_change x where x.base_id = current_base() and x.charter_id = charter) then return false; end if;
  begin
    delete from stay s where s.base_id = current_base() and s.charter_id = charter;
    delete from charter c where c.base_id = current_base() and c.id = charter;
  exception when foreign_key_violation then
    return false;
  end;
  begin
    delete from person p where p.base_id = current_base() and p.id = any (people)
      and not exists (select 1 from staff f where f.person_id = p.id)
      and not exists (select 1 from charter c where c.base_id = p.base_id and p.id in (c.charterer_id, c.skipper_id));
  exception when foreign_key_violation then
    null;
  end;
  return true;
end $$;
revoke all on function take_back_charter(uuid) from public;
grant execute on function take_back_charter(uuid) to :app_role;

alter table base_list drop constraint base_list_kind_check;
alter table base_list add constraint base_list_kind_check
  check (kind in ('extras', 'tasks', 'messages', 'keeping', 'charters', 'imports'));
