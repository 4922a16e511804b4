-- How an exercise was set up in a set: "hand support: free; step height: 15 cm"; empty where it is set up in one way, or
-- nobody wrote it down.
alter table set_done add column set_up text not null default '' check (length(set_up) <= 200);
