-- Orders of the surgeon, as they came in. A withdrawal is a row that names the row it replaces; rows are only added.
create table surgeon_order (
    id         uuid primary key,
    course_id  uuid not null references course,
    replaces   uuid unique references surgeon_order,
    withdrawn  boolean not null default false,
    why        text not null default '',
    words      text not null check (length(words) between 3 and 500),
    surgeon    text not null check (length(surgeon) between 2 and 120),
    kind       text not null check (kind in ('OPENS', 'LIMIT', 'ENDS', 'BARS')),
    subject    text not null,
    allow      text not null default '',
    given_on   date not null,
    from_on    date not null,
    last_on    date check (last_on >= from_on),
    signed_on  date,
    entered_by uuid not null references account,
    entered_at timestamptz not null default now()
);

create index surgeon_order_by_course on surgeon_order (course_id);

grant select, insert on surgeon_order to ${app_role};
