-- What runs with the owner's rights looks for its tables in the schema alone, and in what a caller made up for itself last.
do $$
declare f regprocedure;
begin
  for f in select p.oid::regprocedure from pg_proc p where p.pronamespace = 'public'::regnamespace and p.prosecdef
  loop
    execute format('alter function %s set search_path = public, pg_temp', f);
  end loop;
end $$;
revoke create on schema public from public;
