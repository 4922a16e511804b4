-- The bundle from whose files those of the desk were taken over: what ships otherwise since is told of. Unknown in older drafts.
alter table paper_draft add column taken_from text references bundle;
