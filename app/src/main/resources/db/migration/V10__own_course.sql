-- What corrects, withdraws or amends something belongs to the same course: the database holds it, whatever a form says.
alter table statement add unique (id, course_id);
alter table statement add foreign key (replaces, course_id) references statement (id, course_id);
alter table signature add unique (id, course_id);
alter table statement add foreign key (signature_id, course_id) references signature (id, course_id);
alter table reading add unique (id, course_id);
alter table reading add foreign key (replaces, course_id) references reading (id, course_id);
alter table surgeon_order add unique (id, course_id);
alter table surgeon_order add foreign key (replaces, course_id) references surgeon_order (id, course_id);
alter table event add unique (id, course_id);
alter table event add foreign key (replaces, course_id) references event (id, course_id);
alter table narrowing add unique (id, course_id);
alter table narrowing add foreign key (replaces, course_id) references narrowing (id, course_id);
alter table set_done add unique (id, course_id);
alter table set_done add foreign key (replaces, course_id) references set_done (id, course_id);
alter table visit_note add unique (id, course_id);
alter table visit_note add foreign key (amends, course_id) references visit_note (id, course_id);

-- Who a patient was said to be before a signed change; what stands is on the patient.
create table patient_change (
    id           uuid primary key,
    patient_id   uuid not null references patient,
    number       text not null check (length(number) between 1 and 40),
    name         text not null check (length(name) between 1 and 120),
    birth_date   date not null,
    signature_id uuid not null references signature,
    changed_at   timestamptz not null default now()
);

create index patient_change_by_patient on patient_change (patient_id, changed_at);
alter table patient add check (length(number) between 1 and 40);
alter table patient add check (birth_date between date '1900-01-01' and date '2200-01-01');

grant select, insert on patient_change to ${app_role};
grant update (name, number, birth_date) on patient to ${app_role};
