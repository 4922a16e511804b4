-- By which programs a course goes on; the last row of a program holds. Rows are only added.
create table program_followed (
    id         uuid primary key,
    course_id  uuid not null references course,
    program    text not null check (length(program) between 1 and 80),
    follows    boolean not null,
    entered_by uuid not null references account,
    entered_at timestamptz not null default now(),
    nth        bigint generated always as identity
);

create index program_followed_by_course on program_followed (course_id, nth);

grant select, insert on program_followed to ${app_role};
