-- What is made under an id of its device is unique within its base alone.
alter table draft_edit drop constraint draft_edit_pkey, add primary key (base_id, id);
alter table note_answer drop constraint note_answer_pkey, add primary key (base_id, note_id);
-- An acknowledgement is an addendum like any other; this was never written to.
drop table addendum_acknowledgement;
