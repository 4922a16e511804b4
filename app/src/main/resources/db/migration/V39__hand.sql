-- A hand finger by finger: which fingers are hurt, and how far each bends and straightens. Rows are only added.
create table finger_hurt (
    id         uuid primary key,
    course_id  uuid not null references course,
    finger     text not null check (finger in ('THUMB', 'INDEX', 'MIDDLE', 'RING', 'LITTLE')),
    hurt       boolean not null,
    set_by     uuid not null references account,
    set_at     timestamptz not null default now()
);

create index finger_hurt_by_course on finger_hurt (course_id, set_at);

create table finger_reading (
    id          uuid primary key,
    course_id   uuid not null references course,
    finger      text not null check (finger in ('THUMB', 'INDEX', 'MIDDLE', 'RING', 'LITTLE')),
    measured_on date not null check (measured_on between date '1990-01-01' and date '2200-01-01'),
    mcp_bent    numeric(5, 1) not null check (mcp_bent between 0 and 130),
    mcp_lacks   numeric(5, 1) not null check (mcp_lacks between 0 and 130),
    pip_bent    numeric(5, 1) check (pip_bent between 0 and 130),
    pip_lacks   numeric(5, 1) check (pip_lacks between 0 and 130),
    dip_bent    numeric(5, 1) not null check (dip_bent between 0 and 130),
    dip_lacks   numeric(5, 1) not null check (dip_lacks between 0 and 130),
    tip_to_palm numeric(4, 1) check (tip_to_palm between 0 and 12),
    entered_by  uuid not null references account,
    entered_at  timestamptz not null default now(),
    check ((finger = 'THUMB') = (pip_bent is null)),
    check ((pip_bent is null) = (pip_lacks is null))
);

create index finger_reading_by_course on finger_reading (course_id, measured_on);

grant select, insert on finger_hurt, finger_reading to ${app_role};
