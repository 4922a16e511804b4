-- The unique key on replaces serves every look for it.
drop index reading_replaced;

-- Looks of a clinic are asked for by day, the latest first.
create index read_log_by_day on read_log (clinic_id, read_at, id);
drop index read_log_by_clinic;
