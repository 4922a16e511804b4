-- What was changed on the desk in the protocol that a paper stands on: the files that were written anew, what was done in words,
-- and which earlier revision it gives back where it was undone or done again.
alter table paper_draft add column files jsonb check (length(files::text) <= 600000);
alter table paper_draft add column said text not null default '' check (length(said) <= 500);
alter table paper_draft add column same_as integer check (same_as between 1 and 100000);
