-- A charter whose yacht is changed under way has one stay for each yacht, in order.
alter table stay add column part smallint not null default 1 check (part between 1 and 9);
alter table stay add constraint stay_part_once unique (base_id, charter_id, part);

-- What a stay is called: its charter's number, and from the second yacht on which one she is.
create function stay_reference(reference text, part smallint) returns text language sql immutable set search_path = public, pg_temp as $$
  select case when part = 1 then reference else reference || '~' || part end
$$;

-- Of which yacht something was said in the study: what was understood of one is not of the next.
alter table study_answer add column yacht_id uuid;
alter table study_answer disable trigger kept_row;
update study_answer a set yacht_id = (select s.yacht_id from stay s where s.base_id = a.base_id and s.charter_id = a.charter_id order by s.part limit 1);
alter table study_answer enable trigger kept_row;
alter table study_answer add foreign key (base_id, yacht_id) references yacht (base_id, id);
