-- The clinic's own order of bands, the lightest first. A new order is a new row: a load that was recorded under an old one
-- can still be read as it was meant.
create table band_order (
    id        uuid primary key,
    clinic_id uuid not null references clinic,
    set_by    uuid not null references account,
    set_at    timestamptz not null default now()
);

create index band_order_by_clinic on band_order (clinic_id, set_at);

-- The pull is in kilograms at double the band's length.
create table band (
    order_id uuid not null references band_order,
    step     int not null check (step between 1 and 12),
    name     text not null check (length(name) between 1 and 30),
    pull_kg  numeric(4, 1) check (pull_kg between 0.1 and 60),
    primary key (order_id, step)
);

grant select, insert on band_order, band to ${app_role};
