-- A running course follows a later version of its protocol: the last row counts. Rows are only added.
create table course_version (
    id           uuid primary key,
    course_id    uuid not null references course,
    bundle_hash  text not null references bundle,
    signature_id uuid not null references signature,
    moved_by     uuid not null references account,
    moved_at     timestamptz not null default now(),
    nth          bigint generated always as identity
);

create index course_version_by_course on course_version (course_id, nth);

alter table signature drop constraint signature_kind_check;
alter table signature add constraint signature_kind_check
    check (kind in ('REFERRAL', 'REFERRAL_CHANGE', 'ADVANCE', 'HOLD_END', 'NOTE', 'COUNTERSIGN', 'REPORT', 'VERSION'));

grant select, insert on course_version to ${app_role};
