-- A band as somebody measured it: its length before it pulls, and its pull at one and a half, double and three times that.
alter table band add column length_cm smallint check (length_cm between 5 and 500);
alter table band add column half_kg numeric(4, 1) check (half_kg between 0.1 and 60);
alter table band add column triple_kg numeric(4, 1) check (triple_kg between 0.1 and 60);
