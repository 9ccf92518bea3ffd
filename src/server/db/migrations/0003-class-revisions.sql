-- who published a revision of a class, when and why; the first ones were set up with the base
alter table yacht_class add column published_at timestamptz, add column published_by uuid references person, add column why text not null default '',
  add column accepted jsonb not null default '[]';
