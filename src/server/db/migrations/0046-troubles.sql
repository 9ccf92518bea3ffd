-- What is wrong under way: somebody looked into it, answer by answer, called the base, and how it ended.
alter table boat_log drop constraint boat_log_kind_check;
alter table boat_log add constraint boat_log_kind_check check (
  kind in ('round', 'tonight', 'position', 'note', 'fuelled', 'trouble', 'trouble-answer', 'trouble-call', 'trouble-end')
);
