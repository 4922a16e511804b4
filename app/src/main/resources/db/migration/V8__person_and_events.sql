-- A course may revise another of the same patient, and it ends when somebody ends it.
alter table course add column revises uuid references course;

create table course_end (
    course_id uuid primary key references course,
    ended_on  date not null check (ended_on between date '1990-01-01' and date '2200-01-01'),
    why       text not null check (length(why) between 3 and 300),
    ended_by  uuid not null references account,
    ended_at  timestamptz not null default now()
);

-- What happened to the limb: it starts a clock, and a fall closes work until somebody has looked. Rows are only added.
create table event (
    id          uuid primary key,
    course_id   uuid not null references course,
    replaces    uuid unique references event,
    withdrawn   boolean not null default false,
    why         text not null default '',
    clock       text not null check (length(clock) between 2 and 60),
    happened_on date not null check (happened_on between date '1990-01-01' and date '2200-01-01'),
    words       text not null check (length(words) between 3 and 300),
    entered_by  uuid not null references account,
    entered_at  timestamptz not null default now()
);

create index event_by_course on event (course_id);

create table event_looked (
    event_id  uuid primary key references event,
    looked_on date not null check (looked_on between date '1990-01-01' and date '2200-01-01'),
    found     text not null check (length(found) between 3 and 300),
    looked_by uuid not null references account,
    looked_at timestamptz not null default now()
);

-- What a therapist narrowed alone. Taking it back is a row that names the row it replaces.
create table narrowing (
    id         uuid primary key,
    course_id  uuid not null references course,
    replaces   uuid unique references narrowing,
    withdrawn  boolean not null default false,
    why        text not null check (length(why) between 3 and 300),
    kind       text not null check (kind in ('LIMIT', 'MOTION', 'BARS')),
    subject    text not null check (length(subject) between 1 and 120),
    allow      text not null check (length(allow) <= 60),
    since      date not null check (since between date '1990-01-01' and date '2200-01-01'),
    last_on    date check (last_on >= since and last_on <= date '2200-01-01'),
    entered_by uuid not null references account,
    entered_at timestamptz not null default now()
);

create index narrowing_by_course on narrowing (course_id);

grant select, insert on course_end, event, event_looked, narrowing to ${app_role};
