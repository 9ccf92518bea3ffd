-- what the checks warned of when a revision was published, each with the reason why it was accepted
alter table yacht_revision add column accepted jsonb not null default '[]';
