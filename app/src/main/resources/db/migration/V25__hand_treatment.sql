alter table plan_change add constraint plan_change_meant_from_bounds check (meant_from between date '1990-01-01' and date '2200-01-01') not valid;

-- What was treated by hand on a day, and what it did to a range. Rows are only added.
create table hand_treatment (
    id             uuid primary key,
    course_id      uuid not null references course,
    treated_on     date not null check (treated_on between date '1990-01-01' and date '2200-01-01'),
    measure        text not null check (length(measure) between 1 and 100),
    technique      text not null check (length(technique) between 1 and 40),
    structure      text not null check (length(structure) <= 100),
    minutes        smallint not null check (minutes between 1 and 60),
    before_degrees numeric not null check (before_degrees between -180 and 180),
    after_degrees  numeric not null check (after_degrees between -180 and 180),
    held_by        text not null default '' check (length(held_by) <= 200),
    objection      text not null default '' check (length(objection) <= 2000),
    despite        text not null default '' check (length(despite) <= 300),
    entered_by     uuid not null references account,
    entered_at     timestamptz not null default now(),
    nth            bigint generated always as identity,
    check ((objection = '') = (despite = ''))
);

create index hand_treatment_by_course on hand_treatment (course_id, nth);

grant select, insert on hand_treatment to ${app_role};
