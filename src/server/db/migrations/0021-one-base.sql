-- What belongs to a base can point at nothing of another one: every key from a table of bases to another carries the base.
do $$
declare k record;
begin
  for k in
    select c.conname as name, c.conrelid::regclass as child, c.confrelid::regclass as parent, a.attname as col, p.attname as ref
    from pg_constraint c
    join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
    join pg_attribute p on p.attrelid = c.confrelid and p.attnum = c.confkey[1]
    where c.contype = 'f' and array_length(c.conkey, 1) = 1 and c.connamespace = 'public'::regnamespace and a.attname <> 'base_id'
      and exists (select 1 from pg_attribute b where b.attrelid = c.conrelid and b.attname = 'base_id')
      and exists (select 1 from pg_attribute b where b.attrelid = c.confrelid and b.attname = 'base_id')
  loop
    if not exists (
      select 1 from pg_constraint u where u.conrelid = k.parent and u.contype in ('p', 'u') and array_length(u.conkey, 1) = 2
        and (select array_agg(x.attname::text order by x.attname) from pg_attribute x where x.attrelid = u.conrelid and x.attnum = any(u.conkey))
          = (select array_agg(y order by y) from unnest(array['base_id', k.ref::text]) y))
    then
      execute format('alter table %s add unique (base_id, %I)', k.parent, k.ref);
    end if;
    execute format('alter table %s drop constraint %I', k.child, k.name);
    execute format('alter table %s add constraint %I foreign key (base_id, %I) references %s (base_id, %I)', k.child, k.name, k.col, k.parent, k.ref);
  end loop;
end $$;

-- An id that a device makes is its base's own: the same one elsewhere is none of anybody's business.
do $$
declare t text;
begin
  foreach t in array array['addendum', 'yacht_note', 'study_answer']
  loop
    if exists (select 1 from pg_class where relname = t and relnamespace = 'public'::regnamespace) then
      execute format('alter table %I drop constraint %I cascade', t, t || '_pkey');
      execute format('alter table %I add primary key (base_id, id)', t);
    end if;
  end loop;
end $$;
