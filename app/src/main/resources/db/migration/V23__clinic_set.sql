-- Sets of exercises that a clinic saved for itself. Rows are only added.
create table clinic_set (
    id         uuid primary key,
    clinic_id  uuid not null references clinic,
    title      text not null check (length(title) between 3 and 80),
    written_by uuid not null references account,
    written_at timestamptz not null default now(),
    unique (clinic_id, title)
);

create table clinic_set_item (
    set_id uuid not null references clinic_set,
    place  smallint not null check (place between 1 and 20),
    role   text not null check (length(role) between 3 and 200),
    sets   smallint not null check (sets between 1 and 20),
    aim    text not null check (length(aim) between 1 and 200),
    often  text not null default '' check (length(often) <= 20),
    primary key (set_id, place)
);

grant select, insert on clinic_set, clinic_set_item to ${app_role};
