-- How much was done at home, as the sets of the exercise count: what adds up over a day is added up with it.
alter table home_report
    add column amount integer not null default 0 check (amount between 0 and 40000);

-- A calendar that fetches the times of a patient's plan by itself, for as long as the link holds. Only a hash is kept.
create table home_feed (
    token_hash  text primary key check (length(token_hash) = 64),
    course_id   uuid not null references course,
    secret_hash text not null references home_link,
    made_at     timestamptz not null default now()
);

create index home_feed_by_course on home_feed (course_id);

grant select, insert on home_feed to ${app_role};
