-- A draft may also be of a class: then it names the class by its short name, as each revision of a class is a row of its own.
alter table file_draft alter column yacht_id drop not null;
alter table file_draft add column class_slug text;
alter table file_draft add constraint of_one_thing check ((yacht_id is null) <> (class_slug is null));
create index file_draft_by_class on file_draft (class_slug) where class_slug is not null;
