-- What was backed up of the whole installation, and who asked for it. It stands outside every base, so the app reaches it
-- through these functions alone; the command line, which makes them, is the owner.
create table backup (
  id uuid primary key,
  asked_at timestamptz not null,
  begun_at timestamptz,
  done_at timestamptz,
  file text,
  bytes bigint,
  encrypted boolean,
  -- why it could not be made, as a code
  fault text check (fault in ('disk-full', 'cut-off', 'failed')),
  check ((done_at is null) = (bytes is null)),
  check (done_at is null or fault is null)
);
alter table backup enable row level security;

-- Asks for one; where one is asked for or being made already, that is the one.
create function ask_backup(new_id uuid, at timestamptz) returns void
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  perform pg_advisory_xact_lock(hashtext('backup'));
  if exists (select 1 from backup where done_at is null and fault is null) then return; end if;
  insert into backup (id, asked_at) values (new_id, ask_backup.at);
end $$;

-- The last one that was made, the last attempt that failed since, and whether one is under way.
create function backups_made()
returns table (done_at timestamptz, file text, bytes bigint, encrypted boolean, fault text, under_way boolean)
language sql stable security definer set search_path = public, pg_temp as $$
  select last.done_at, last.file, last.bytes, last.encrypted,
    (select b.fault from backup b where b.fault is not null and (last.done_at is null or b.asked_at > last.done_at)
       order by b.asked_at desc limit 1),
    exists (select 1 from backup b where b.done_at is null and b.fault is null)
  from (select 1) one left join lateral
    (select * from backup b where b.done_at is not null order by b.done_at desc limit 1) last on true
$$;

revoke all on function ask_backup(uuid, timestamptz), backups_made() from public;
grant execute on function ask_backup(uuid, timestamptz), backups_made() to :app_role;
