-- What somebody trains for; the last row of a course holds. Rows are only added.
create table sport_goal (
    id         uuid primary key,
    course_id  uuid not null references course,
    name       text not null check (length(name) between 1 and 80),
    event_on   date not null check (event_on between date '1990-01-01' and date '2200-01-01'),
    rise       smallint not null check (rise between 1 and 20),
    load       integer not null check (load between 1 and 20000),
    entered_by uuid not null references account,
    entered_at timestamptz not null default now(),
    nth        bigint generated always as identity
);

create index sport_goal_by_course on sport_goal (course_id, nth);

grant select, insert on sport_goal to ${app_role};
