-- One row says that this database was filled by the demo; in production such a database is refused.
create table demo_data (
    only_row   boolean primary key default true check (only_row),
    entered_at timestamptz not null default now()
);

grant select, insert on demo_data to ${app_role};
