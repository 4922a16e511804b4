-- Exercises that a clinic made from the library's. Rows are only added: what was done of one stays in the record.
create table own_exercise (
    clinic_id   uuid not null references clinic,
    id          text not null check (id ~ '^own-[a-z0-9][a-z0-9-]{1,60}$'),
    entry_id    uuid not null,
    model       text not null check (length(model) between 2 and 100),
    title       text not null check (length(title) between 3 and 80),
    set_up      text not null default '' check (length(set_up) <= 200),
    within      text not null default '' check (length(within) <= 1000),
    load_amount numeric(5, 1) check (load_amount >= 0),
    load_unit   text check (length(load_unit) between 1 and 20),
    sets        smallint not null check (sets between 1 and 20),
    aim         text not null check (length(aim) between 1 and 200),
    frequency   text not null check (length(frequency) between 1 and 20),
    cues        text not null default '' check (length(cues) <= 600),
    made_by     uuid not null references account,
    made_at     timestamptz not null default now(),
    nth         bigint generated always as identity,
    primary key (clinic_id, id),
    unique (clinic_id, entry_id),
    check ((load_amount is null) = (load_unit is null))
);

create table own_exercise_retired (
    clinic_id  uuid not null,
    id         text not null check (length(id) between 4 and 70),
    retired_by uuid not null references account,
    retired_at timestamptz not null default now(),
    primary key (clinic_id, id),
    foreign key (clinic_id, id) references own_exercise
);

grant select, insert on own_exercise, own_exercise_retired to ${app_role};
