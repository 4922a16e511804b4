-- The program for home: what a patient does between visits, and for how long it is meant. Rows are only added: the last
-- one of a course holds.
create table home_program (
    id         uuid primary key,
    course_id  uuid not null references course,
    follows    uuid,
    starts_on  date not null check (starts_on between date '1990-01-01' and date '2200-01-01'),
    ends_on    date not null check (ends_on between date '1990-01-01' and date '2200-01-01'),
    -- When the patient is up; the end may lie after midnight.
    wakes_at   time not null,
    sleeps_at  time not null,
    language   text not null check (language in ('en', 'de')),
    words      text not null default '' check (length(words) <= 300),
    -- How much pain the protocol let on the day on which it was written, 0 to 10.
    pain_most  smallint not null check (pain_most between 0 and 10),
    written_by uuid not null references account,
    written_at timestamptz not null default now(),
    nth        bigint generated always as identity,
    unique (id, course_id),
    unique (course_id, follows),
    foreign key (follows, course_id) references home_program (id, course_id),
    check (ends_on - starts_on between 0 and 41)
);

create index home_program_by_course on home_program (course_id, nth);

create table home_line (
    course_id    uuid not null,
    program_id   uuid not null,
    place        smallint not null check (place between 0 and 19),
    role         text not null check (length(role) between 3 and 200),
    -- As it was called then.
    title        text not null check (length(title) between 1 and 200),
    sets         smallint not null check (sets between 1 and 20),
    aim          text not null check (length(aim) between 1 and 200),
    load_amount  numeric(6, 2) check (load_amount between 0 and 500),
    load_unit    text check (load_unit in ('KILOGRAMS', 'BAND_STEP', 'PERCENT_OF_MAXIMUM')),
    set_up       text not null default '' check (length(set_up) <= 200),
    -- One of the two: so many times a day, or again every so many minutes.
    times        smallint check (times between 1 and 12),
    minutes      smallint check (minutes between 30 and 240),
    -- Weekdays parted by commas; empty for every day.
    days         text not null default '' check (length(days) <= 80),
    grows_by     smallint check (grows_by between 1 and 10),
    grows_days   smallint check (grows_days between 1 and 14),
    grows_to     smallint check (grows_to between 1 and 2000),
    words        text not null default '' check (length(words) <= 200),
    primary key (course_id, program_id, place),
    unique (course_id, program_id, role),
    foreign key (program_id, course_id) references home_program (id, course_id),
    check ((load_amount is null) = (load_unit is null)),
    check ((times is null) <> (minutes is null)),
    check ((grows_by is null) = (grows_days is null) and (grows_by is null) = (grows_to is null))
);

grant select, insert on home_program, home_line to ${app_role};

-- The number that a patient rings, as it stands on what goes home.
alter table clinic add column phone text not null default '' check (length(phone) <= 40);

grant update (phone) on clinic to ${app_role};
