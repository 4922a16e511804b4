-- What a patient said on coming in. Rows are only added.
create table check_in (
    id            uuid primary key,
    course_id     uuid not null references course,
    checked_on    date not null,
    pain_now      smallint not null check (pain_now between 0 and 10),
    pain_after    smallint check (pain_after between 0 and 10),
    pain_morning  smallint check (pain_morning between 0 and 10),
    swelling      text not null check (swelling in ('NONE', 'AS_BEFORE', 'MORE')),
    home_sessions smallint check (home_sessions between 0 and 170),
    words         text not null check (length(words) <= 2000),
    flags         text not null,
    gravest       text check (gravest in ('EMERGENCY', 'SAME_DAY', 'STEP_BACK', 'HOLD_PROGRESS')),
    entered_by    uuid not null references account,
    entered_at    timestamptz not null default now()
);

create index check_in_by_course on check_in (course_id, entered_at);

grant select, insert on check_in to ${app_role};
