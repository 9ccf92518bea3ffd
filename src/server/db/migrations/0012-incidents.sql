-- What happened on the way, told by the skipper before coming back.
alter table addendum drop constraint addendum_kind_check, add constraint addendum_kind_check
  check (kind in ('late-entry', 'left-berth', 'late-finding', 'incident', 'answer', 'visit', 'acknowledgement', 'correction'));
