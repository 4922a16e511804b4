-- What works for a patient in an exercise, in the therapist's words; the last row of a role holds, and blank words take it back.
create table trick (
    id         uuid primary key,
    course_id  uuid not null references course,
    role       text not null check (length(role) between 3 and 200),
    words      text not null check (length(words) <= 200),
    entered_by uuid not null references account,
    entered_at timestamptz not null default now(),
    nth        bigint generated always as identity
);

create index trick_by_course on trick (course_id, role, nth);

grant select, insert on trick to ${app_role};
