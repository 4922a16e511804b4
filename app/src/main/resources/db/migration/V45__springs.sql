-- An order is of bands or of the springs of a carriage; a spring is hooked in at a length of its own while that is home.
alter table band_order add column kind text not null default 'BAND';
alter table band_order add constraint band_order_kind_known check (kind in ('BAND', 'SPRING')) not valid;
alter table band_order validate constraint band_order_kind_known;
alter table band add column home_cm smallint;
alter table band add constraint band_home_cm_bounds check (home_cm between 5 and 500) not valid;
alter table band validate constraint band_home_cm_bounds;
