-- Whether and where a patient wants to be written to. Rows are only added: the last one of a course holds.
create table message_consent (
    course_id  uuid not null references course,
    channel    text not null check (channel in ('NONE', 'TEXT', 'MAIL')),
    address    text not null default '' check (length(address) <= 120),
    entered_by uuid not null references account,
    entered_at timestamptz not null default now(),
    nth        bigint generated always as identity,
    primary key (course_id, nth),
    check ((channel = 'NONE') = (address = ''))
);

-- What is to be sent, once for each occasion. A row says where it stands; nothing clinical stands in it.
create table message (
    id          uuid primary key,
    course_id   uuid not null references course,
    occasion    text not null check (length(occasion) between 3 and 60),
    channel     text not null check (channel in ('TEXT', 'MAIL')),
    address     text not null check (length(address) between 3 and 120),
    body        text not null check (length(body) between 3 and 200),
    due_at      timestamptz not null,
    state       text not null default 'QUEUED' check (state in ('QUEUED', 'SENT', 'BOUNCED', 'GIVEN_UP', 'WITHDRAWN')),
    tries       smallint not null default 0 check (tries between 0 and 100),
    settled_at  timestamptz,
    nth         bigint generated always as identity,
    unique (course_id, occasion)
);

create unique index message_queued on message (id) where state = 'QUEUED';

grant select, insert on message_consent, message to ${app_role};
grant update (state, tries, due_at, settled_at) on message to ${app_role};
