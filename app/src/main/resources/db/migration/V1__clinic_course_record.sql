-- The clinic, its people, their courses, and what happened. What happened is append-only: a correction is a new row
-- that names the row it replaces, and the application's role may not update or delete there (see the grants below).

create table clinic (
    id          uuid primary key,
    name        text not null check (length(name) between 1 and 120),
    zone        text not null,
    closed_days text not null default '',
    created_at  timestamptz not null default now()
);

create table account (
    id            uuid primary key,
    clinic_id     uuid not null references clinic,
    sign_in_name  text not null unique check (sign_in_name = lower(sign_in_name)),
    display_name  text not null,
    role          text not null check (role in ('THERAPIST', 'ASSISTANT', 'SURGEON', 'LEAD', 'ADMIN')),
    password_hash text,
    active        boolean not null default true,
    created_at    timestamptz not null default now()
);

-- A one-time link by which somebody sets their first password. Only the hash of its secret is kept.
create table invitation (
    secret_hash text primary key,
    account_id  uuid references account,
    expires_at  timestamptz not null,
    used_at     timestamptz
);

create table patient (
    id         uuid primary key,
    clinic_id  uuid not null references clinic,
    number     text not null,
    name       text not null check (length(name) between 1 and 120),
    birth_date date not null,
    created_by uuid not null references account,
    created_at timestamptz not null default now(),
    unique (clinic_id, number),
    unique (id, clinic_id)
);

-- Published libraries, immutable and known by their hash.
create table bundle (
    hash         text primary key,
    published_at timestamptz not null default now()
);

create table bundle_file (
    hash text not null references bundle,
    file text not null,
    text text not null,
    primary key (hash, file)
);

create table course (
    id          uuid primary key,
    clinic_id   uuid not null,
    patient_id  uuid not null,
    bundle_hash text not null references bundle,
    protocol_id text not null,
    created_by  uuid not null references account,
    created_at  timestamptz not null default now(),
    foreign key (patient_id, clinic_id) references patient (id, clinic_id),
    unique (id, clinic_id)
);

create index course_by_patient on course (patient_id);

-- What was signed, with the evidence that was shown, its wording and its hash.
create table signature (
    id            uuid primary key,
    course_id     uuid not null references course,
    kind          text not null check (kind in ('REFERRAL', 'REFERRAL_CHANGE', 'ADVANCE', 'HOLD_END')),
    wording       text not null,
    evidence      text not null,
    evidence_hash text not null check (length(evidence_hash) = 64),
    signed_by     uuid not null references account,
    signed_at     timestamptz not null default now()
);

create index signature_by_course on signature (course_id);

-- The referral as stated from the operation note. Only one statement is current: the one that none replaces.
create table statement (
    id           uuid primary key,
    course_id    uuid not null references course,
    replaces     uuid unique references statement,
    operation    text not null,
    day_zero     date not null,
    side         text not null check (side in ('LEFT', 'RIGHT')),
    surgeon      text not null,
    answers      jsonb not null,
    why          text not null,
    signature_id uuid not null references signature
);

create unique index statement_first on statement (course_id) where replaces is null;

create table reading (
    id          uuid primary key,
    course_id   uuid not null references course,
    replaces    uuid unique references reading,
    withdrawn   boolean not null default false,
    why         text not null default '',
    measure     text not null,
    side        text not null check (side in ('LEFT', 'RIGHT')),
    mode        text not null check (mode in ('PASSIVE', 'ASSISTED', 'ACTIVE', 'RESISTED')),
    value       numeric(9, 3) not null,
    measured_on date not null,
    strict      boolean not null,
    entered_by  uuid not null references account,
    entered_at  timestamptz not null default now()
);

create index reading_by_course on reading (course_id, measured_on);

create table advance (
    id           uuid primary key,
    course_id    uuid not null references course,
    phase        text not null,
    from_date    date not null,
    signature_id uuid not null references signature,
    unique (course_id, phase)
);

create table hold (
    id        uuid primary key,
    course_id uuid not null references course,
    why       text not null,
    from_date date not null,
    review_on date not null check (review_on >= from_date),
    placed_by uuid not null references account,
    placed_at timestamptz not null default now()
);

create index hold_by_course on hold (course_id);

create table hold_end (
    hold_id      uuid primary key references hold,
    ended_on     date not null,
    why          text not null,
    signature_id uuid not null references signature
);

-- Appointments are plans, not history: they are moved and cancelled in place, with a version against lost updates.
create table appointment (
    id         uuid primary key,
    clinic_id  uuid not null,
    course_id  uuid not null,
    starts_at  timestamptz not null,
    state      text not null check (state in ('BOOKED', 'ARRIVED', 'DONE', 'NO_SHOW', 'CANCELLED')),
    walk_in    boolean not null default false,
    version    integer not null default 0,
    changed_by uuid not null references account,
    changed_at timestamptz not null default now(),
    foreign key (course_id, clinic_id) references course (id, clinic_id)
);

create index appointment_by_day on appointment (clinic_id, starts_at);
create index appointment_by_course on appointment (course_id, starts_at);

-- Every look at a patient's record.
create table read_log (
    id         bigint generated always as identity primary key,
    clinic_id  uuid not null references clinic,
    account_id uuid not null references account,
    course_id  uuid not null references course,
    place      text not null,
    read_at    timestamptz not null default now()
);

create index read_log_by_course on read_log (course_id, read_at);

create table spring_session (
    primary_id            char(36) not null primary key,
    session_id            char(36) not null unique,
    creation_time         bigint not null,
    last_access_time      bigint not null,
    max_inactive_interval int not null,
    expiry_time           bigint not null,
    principal_name        varchar(100)
);

create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea not null,
    primary key (session_primary_id, attribute_name)
);

grant usage on schema public to ${app_role};
grant select on all tables in schema public to ${app_role};
grant insert on clinic, account, invitation, patient, bundle, bundle_file, course, signature, statement, reading,
    advance, hold, hold_end, appointment, read_log to ${app_role};
grant update (password_hash, active, display_name, role) on account to ${app_role};
grant update (used_at) on invitation to ${app_role};
grant update (starts_at, state, version, changed_by, changed_at) on appointment to ${app_role};
grant insert, update, delete on spring_session, spring_session_attributes to ${app_role};
