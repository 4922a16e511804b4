-- A surgeon's paper over a protocol that ships. What is written is only added: each revision is a row of its own, and who
-- writes the same revision second is told.
create table paper (
    id        uuid primary key,
    clinic_id uuid not null references clinic,
    -- The id of the protocol that it becomes.
    protocol  text not null check (protocol ~ '^own\.[a-z0-9][a-z0-9.-]{0,60}$'),
    title     text not null check (length(title) between 1 and 120),
    base      text not null check (length(base) between 1 and 120),
    joint     text not null check (length(joint) between 2 and 20),
    made_by   uuid not null references account,
    made_at   timestamptz not null default now(),
    nth       bigint generated always as identity,
    unique (clinic_id, protocol)
);

create table paper_draft (
    paper_id   uuid not null references paper,
    revision   integer not null check (revision between 1 and 100000),
    lines      text not null check (length(lines) <= 20000),
    -- By line and question what was answered.
    answers    jsonb not null check (length(answers::text) <= 60000),
    written_by uuid not null references account,
    written_at timestamptz not null default now(),
    primary key (paper_id, revision)
);

create table paper_step (
    id       uuid primary key,
    paper_id uuid not null,
    revision integer not null,
    kind     text not null check (kind in ('TO_REVIEW', 'BACK', 'WITHDRAWN')),
    made_by  uuid not null references account,
    made_at  timestamptz not null default now(),
    nth      bigint generated always as identity,
    foreign key (paper_id, revision) references paper_draft
);

create index paper_step_by_paper on paper_step (paper_id, nth);

create table paper_publication (
    paper_id    uuid not null,
    revision    integer not null,
    bundle_hash text not null references bundle,
    -- What was shown to whoever signed, and its SHA-256.
    shown       text not null check (length(shown) <= 200000),
    shown_hash  text not null check (length(shown_hash) = 64),
    signed_by   uuid not null references account,
    signed_at   timestamptz not null default now(),
    primary key (paper_id, revision),
    foreign key (paper_id, revision) references paper_draft
);

grant select, insert on paper, paper_draft, paper_step, paper_publication to ${app_role};
