-- In which language a charter's people are spoken to; on their own device they can choose another.
alter table charter add column language text not null default 'en' check (language ~ '^[a-z]{2}$');
