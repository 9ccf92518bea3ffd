-- What a request was answered, so that one whose answer was lost on the way does nothing the second time.
create table answered_request (
  base_id uuid not null references base,
  -- hash of who asked, what, and under which key of the client
  asked text not null,
  answer jsonb not null,
  at timestamptz not null,
  primary key (base_id, asked)
);
create index answered_request_at on answered_request (base_id, at);
alter table answered_request enable row level security;
create policy one_base on answered_request using (base_id = current_base()) with check (base_id = current_base());
grant select, insert, delete on answered_request to :app_role;
