-- A movement as it was watched on a day. Rows are only added.
create table movement_watched (
    id         uuid primary key,
    course_id  uuid not null references course,
    watched_on date not null check (watched_on between date '1990-01-01' and date '2200-01-01'),
    movement   text not null check (length(movement) between 1 and 40),
    -- by fault, operated side then other side, such as KNEE_FALLS_INWARD:PLAIN:NONE, apart by blanks
    seen       text not null check (length(seen) between 1 and 1000),
    pain_most  smallint not null check (pain_most between 0 and 10),
    pain_from  smallint check (pain_from between 0 and 180),
    words      text not null default '' check (length(words) <= 300),
    entered_by uuid not null references account,
    entered_at timestamptz not null default now(),
    nth        bigint generated always as identity
);

create index movement_watched_by_course on movement_watched (course_id, nth);

grant select, insert on movement_watched to ${app_role};
