-- What somebody said and nobody measured: a clearance, a precaution taught back, an image seen. Rows are only added.
create table attestation (
    id          uuid primary key,
    course_id   uuid not null references course,
    criterion   text not null,
    attested_on date not null,
    said_by     text not null check (length(said_by) between 3 and 300),
    entered_by  uuid not null references account,
    entered_at  timestamptz not null default now()
);

create index attestation_by_course on attestation (course_id);

grant select, insert on attestation to ${app_role};
