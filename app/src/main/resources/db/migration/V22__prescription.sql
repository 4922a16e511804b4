-- The dose that a therapist wrote for an exercise of a course, in the place of the library's; one that is ended goes back
-- to that. Rows are only added: each names the one that it follows.
create table prescription (
    id           uuid primary key,
    course_id    uuid not null references course,
    role         text not null check (length(role) between 3 and 200),
    ended        boolean not null default false,
    sets         smallint not null check (sets between 1 and 20),
    aim          text not null check (length(aim) between 1 and 200),
    load_amount  numeric(6, 2) check (load_amount between 0 and 500),
    load_unit    text check (load_unit in ('KILOGRAMS', 'BAND_STEP', 'PERCENT_OF_MAXIMUM')),
    set_up       text not null default '' check (length(set_up) <= 200),
    tempo        text not null default '' check (length(tempo) <= 20),
    rest_seconds smallint check (rest_seconds between 5 and 600),
    side         text not null check (side in ('OPERATED', 'BOTH')),
    often        text not null default '' check (length(often) <= 20),
    pain_most    smallint check (pain_most between 0 and 10),
    -- The kinds of days it is meant for, parted by commas; empty for every day.
    days         text not null default '' check (length(days) <= 100),
    rule         text not null check (length(rule) between 1 and 40),
    rule_number  smallint not null check (rule_number between 0 and 100),
    words        text not null default '' check (length(words) <= 300),
    follows      uuid,
    written_on   date not null check (written_on between date '1990-01-01' and date '2200-01-01'),
    written_by   uuid not null references account,
    written_at   timestamptz not null default now(),
    nth          bigint generated always as identity,
    unique (id, course_id),
    unique (course_id, follows),
    foreign key (follows, course_id) references prescription (id, course_id),
    check ((load_amount is null) = (load_unit is null))
);

create index prescription_by_course on prescription (course_id, nth);

grant select, insert on prescription to ${app_role};
