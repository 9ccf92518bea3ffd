-- What comes after a seal: leaving the berth, late findings, the base's answers and visits, and that the other side has read it.
alter table addendum drop constraint addendum_kind_check, add constraint addendum_kind_check
  check (kind in ('late-entry', 'left-berth', 'late-finding', 'answer', 'visit', 'acknowledgement', 'correction'));
