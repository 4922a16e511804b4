-- The patient's page opens by a link and a birth date. Of the link only a hash is kept; five wrong dates spend it.
create table home_link (
    secret_hash text primary key check (length(secret_hash) = 64),
    course_id   uuid not null references course,
    made_by     uuid not null references account,
    made_at     timestamptz not null default now(),
    expires_on  date not null check (expires_on between date '1990-01-01' and date '2200-01-01'),
    revoked_at  timestamptz,
    wrong       smallint not null default 0 check (wrong between 0 and 5),
    nth         bigint generated always as identity
);

create index home_link_by_course on home_link (course_id, nth);

-- A telephone that has opened it. Only the hash of what it holds is kept.
create table home_session (
    token_hash  text primary key check (length(token_hash) = 64),
    course_id   uuid not null references course,
    secret_hash text not null references home_link,
    opened_at   timestamptz not null default now()
);

create index home_session_by_course on home_session (course_id);

-- What the patient said of a day at home. Rows are only added; what is said again of the same slot stands behind it.
create table home_report (
    id          uuid primary key,
    course_id   uuid not null references course,
    program_id  uuid not null,
    -- Blank for a sign to ring for, and for a note on the whole day.
    role        text not null default '' check (length(role) <= 200),
    done_on     date not null check (done_on between date '1990-01-01' and date '2200-01-01'),
    slot        smallint not null default 0 check (slot between 0 and 47),
    done        boolean not null,
    too_much    boolean not null default false,
    pain        smallint check (pain between 0 and 10),
    flag        text not null default '' check (length(flag) <= 40),
    note        text not null default '' check (length(note) <= 300),
    received_at timestamptz not null default now(),
    nth         bigint generated always as identity,
    foreign key (program_id, course_id) references home_program (id, course_id)
);

create index home_report_by_course on home_report (course_id, done_on, nth);

-- Somebody has looked at what a patient said, up to a report.
create table home_seen (
    course_id uuid not null references course,
    up_to     bigint not null,
    seen_on   date not null check (seen_on between date '1990-01-01' and date '2200-01-01'),
    seen_by   uuid not null references account,
    seen_at   timestamptz not null default now(),
    nth       bigint generated always as identity,
    primary key (course_id, nth)
);

grant select, insert on home_link, home_session, home_report, home_seen to ${app_role};
grant update (revoked_at, wrong) on home_link to ${app_role};
grant delete on home_session to ${app_role};
