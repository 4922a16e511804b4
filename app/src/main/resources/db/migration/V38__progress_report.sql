-- Progress reports to the surgeon, as they were signed, and what the surgeon answered. Rows are only added.
create table progress_report (
    id           uuid primary key,
    course_id    uuid not null references course,
    reported_on  date not null check (reported_on between date '1990-01-01' and date '2200-01-01'),
    words        text not null check (length(words) between 1 and 20000),
    asked        text not null check (length(asked) <= 2000),
    signature_id uuid not null references signature,
    written_by   uuid not null references account,
    written_at   timestamptz not null default now()
);

create index progress_report_by_course on progress_report (course_id, reported_on);

create table report_answer (
    report_id   uuid primary key references progress_report,
    words       text not null check (length(words) <= 2000),
    answered_by uuid not null references account,
    answered_at timestamptz not null default now()
);

alter table signature drop constraint signature_kind_check;
alter table signature add constraint signature_kind_check
    check (kind in ('REFERRAL', 'REFERRAL_CHANGE', 'ADVANCE', 'HOLD_END', 'NOTE', 'COUNTERSIGN', 'REPORT'));

grant select, insert on progress_report, report_answer to ${app_role};
