-- A lead goes through the looks at a clinic's patients from the latest on.
create index read_log_by_clinic on read_log (clinic_id, id);
