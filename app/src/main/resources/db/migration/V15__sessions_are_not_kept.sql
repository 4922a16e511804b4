-- Sessions are in no backup and in no log that is archived: whoever steals one signs in nowhere. After a crash of the
-- database everybody signs in again; what was typed waits on the page.
alter table spring_session_attributes set unlogged;
alter table spring_session set unlogged;
