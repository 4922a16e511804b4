-- What the side that was not operated did alone. It counts for no rule of the operated side. Rows are only added.
create table other_side_done (
    id         uuid primary key,
    course_id  uuid not null references course,
    done_on    date not null check (done_on between date '1990-01-01' and date '2200-01-01'),
    role       text not null check (length(role) between 3 and 200),
    sets       smallint not null check (sets between 1 and 20),
    amount     smallint not null check (amount between 1 and 2000),
    load       text not null default '' check (length(load) <= 20),
    pain       smallint not null check (pain between 0 and 10),
    despite    text not null default '' check (length(despite) <= 300),
    entered_by uuid not null references account,
    entered_at timestamptz not null default now(),
    nth        bigint generated always as identity
);

create index other_side_done_by_course on other_side_done (course_id, nth);

grant select, insert on other_side_done to ${app_role};
