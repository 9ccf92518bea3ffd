-- What the base answered to a call from the boat under way: a note of a call that names its trouble and is told to the crew.
alter table call_note add column trouble uuid;
create index call_note_by_trouble on call_note (base_id, trouble) where trouble is not null;
