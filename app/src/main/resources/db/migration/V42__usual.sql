-- What a surgeon usually says where the note leaves it to the surgeon: by surgeon's name and protocol, every setting a row; the
-- last one stands.
create table usual_answer (
    id        uuid primary key,
    clinic_id uuid not null references clinic,
    surgeon   text not null check (length(surgeon) between 1 and 120),
    protocol  text not null check (length(protocol) between 1 and 120),
    -- By question the value.
    answers   jsonb not null check (length(answers::text) <= 4000),
    kind      text not null check (kind in ('SET', 'ENDED')),
    set_by    uuid not null references account,
    set_at    timestamptz not null default now(),
    nth       bigint generated always as identity
);

create index usual_answer_by_surgeon on usual_answer (clinic_id, lower(surgeon), protocol, nth);

grant select, insert on usual_answer to ${app_role};
