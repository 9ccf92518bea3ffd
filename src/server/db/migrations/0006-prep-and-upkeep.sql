-- The technician's prep is kept as a handover of one side; what is not fine becomes a defect with a work order.
alter table handover drop constraint handover_kind_check, add constraint handover_kind_check check (kind in ('prep', 'check-in', 'check-out'));

create table defect (
  id uuid primary key,
  base_id uuid not null references base,
  yacht_id uuid not null references yacht,
  handover_id uuid references handover,
  -- the line, mark or found thing it was seen on, or a word of its own
  subject text not null,
  place text,
  title text not null check (title <> ''),
  words text not null,
  safety boolean not null,
  found_at timestamptz not null,
  found_by uuid not null references person,
  unique (handover_id, subject)
);
create index defect_by_yacht on defect (yacht_id, found_at);

-- The last step says how the work stands; the earlier ones are kept.
create table work_step (
  defect_id uuid not null references defect,
  base_id uuid not null references base,
  number integer not null check (number > 0),
  state text not null check (state in ('ordered', 'done', 'stays')),
  words text not null,
  by_person uuid not null references person,
  at timestamptz not null,
  primary key (defect_id, number)
);

-- Names in it are erased after their time, so its rows carry no trigger; the app only adds.
create table crew_list (
  stay_id uuid not null references stay,
  base_id uuid not null references base,
  number integer not null check (number > 0),
  crew jsonb not null,
  entered_by uuid references person,
  entered_at timestamptz not null,
  primary key (stay_id, number)
);

-- What the simulated weather feed was told to say.
create table simulated_forecast (
  base_id uuid not null references base,
  day date not null,
  number integer not null check (number > 0),
  forecast jsonb not null,
  set_at timestamptz not null,
  primary key (base_id, day, number)
);

do $$
declare t text;
begin
  foreach t in array array['defect', 'work_step', 'crew_list', 'simulated_forecast']
  loop
    if t <> 'crew_list' then
      execute format('create trigger kept_row before update or delete on %I for each row execute function refuse_change()', t);
      execute format('create trigger kept_table before truncate on %I for each statement execute function refuse_change()', t);
    end if;
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_base on %I using (base_id = current_base()) with check (base_id = current_base())', t);
    execute format('grant select, insert on %I to :app_role', t);
  end loop;
end $$;
