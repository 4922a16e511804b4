-- The order in which a clinic writes a date in figures.
alter table clinic add column date_order text not null default 'DAY_FIRST';
alter table clinic add constraint clinic_date_order_known
    check (date_order in ('DAY_FIRST', 'MONTH_FIRST', 'YEAR_FIRST')) not valid;
alter table clinic validate constraint clinic_date_order_known;

grant update (date_order) on clinic to ${app_role};
