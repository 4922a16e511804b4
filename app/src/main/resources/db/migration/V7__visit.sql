-- A day's visit of a course, opened by whoever comes first; a second device joins it.
create table visit (
    id         uuid primary key,
    course_id  uuid not null references course,
    visited_on date not null,
    begun_by   uuid not null references account,
    begun_at   timestamptz not null default now(),
    unique (course_id, visited_on)
);

-- What led to a hold: what the protocol says of holds goes by it.
alter table hold add column kind text not null default 'OTHER'
    check (kind in ('FLARE', 'INJECTION', 'WOUND', 'RED_FLAG', 'OTHER'));

-- How the night was and how the joint answered the last session, besides what a check-in asked before.
alter table check_in
    add column flag_ids text not null default '',
    add column sleep    text check (sleep in ('WELL', 'WOKE', 'HARDLY')),
    add column soreness text not null default 'NONE'
        check (soreness in ('NONE', 'WARM_UP_THEN_GONE', 'WARM_UP_AND_STAYED', 'WENT_AND_CAME_BACK', 'DAY_AFTER'));

-- A block of three or four weeks; without one the plan is the one that is proposed. Rows are only added.
create table block (
    id         uuid primary key,
    course_id  uuid not null references course,
    begins_on  date not null,
    weeks      smallint not null check (weeks between 1 and 6),
    -- What kind of day each weekday is, Monday first; empty where nobody said.
    days       text not null default '' check (length(days) <= 100),
    written_by uuid not null references account,
    written_at timestamptz not null default now(),
    nth        bigint generated always as identity
);

create index block_by_course on block (course_id, nth);

-- What is in a block, and what was added, swapped and taken out since. Rows are only added.
create table plan_change (
    id          uuid primary key,
    block_id    uuid not null references block,
    kind        text not null check (kind in ('ADD', 'SWAP', 'REMOVE')),
    role        text not null check (length(role) between 3 and 200),
    in_place_of text check (length(in_place_of) between 3 and 200),
    why         text not null default '' check (length(why) <= 500),
    entered_by  uuid not null references account,
    entered_at  timestamptz not null default now(),
    nth         bigint generated always as identity,
    check ((kind = 'SWAP') = (in_place_of is not null))
);

create index plan_change_by_block on plan_change (block_id, nth);

-- One set as it was done; the device that logged it gives the id, the moment and its own count. Rows are only added:
-- a correction or withdrawal names the row it replaces.
create table set_done (
    id          uuid primary key,
    course_id   uuid not null references course,
    done_on     date not null,
    role        text not null check (length(role) between 3 and 200),
    amount      smallint not null check (amount between 0 and 2000),
    load_amount numeric(6, 2) check (load_amount between 0 and 500),
    load_unit   text check (load_unit in ('KILOGRAMS', 'BAND_STEP', 'PERCENT_OF_MAXIMUM')),
    pain        smallint not null check (pain between 0 and 10),
    form        text not null check (form in ('GOOD', 'COMPENSATED', 'LOST')),
    effort      smallint check (effort between 0 and 10),
    faults      text not null default '' check (length(faults) <= 500),
    asked       text not null default '' check (length(asked) <= 300),
    device      text not null check (length(device) <= 64),
    device_nth  integer not null,
    done_at     timestamptz not null,
    replaces    uuid unique references set_done,
    withdrawn   boolean not null default false,
    why         text not null default '' check (length(why) <= 300),
    entered_by  uuid not null references account,
    entered_at  timestamptz not null default now(),
    nth         bigint generated always as identity,
    check ((load_amount is null) = (load_unit is null)),
    check (replaces is not null or not withdrawn)
);

create index set_done_by_course on set_done (course_id, done_on, done_at);

-- An exercise that was stopped, with what was felt. Rows are only added.
create table stop (
    id         uuid primary key,
    course_id  uuid not null references course,
    stopped_on date not null,
    role       text not null check (length(role) between 3 and 200),
    why        text not null check (length(why) between 3 and 300),
    stopped_by uuid not null references account,
    stopped_at timestamptz not null default now()
);

create index stop_by_course on stop (course_id, stopped_on);

-- A precaution that the patient said in their own words and showed on the other limb, or that lapsed. Rows are only added.
create table teach_back (
    id         uuid primary key,
    course_id  uuid not null references course,
    rule       text not null check (length(rule) between 1 and 200),
    taught     text not null check (length(taught) between 1 and 500),
    said       boolean not null,
    shown      boolean not null,
    lapse      text not null default '' check (length(lapse) <= 500),
    entered_by uuid not null references account,
    entered_on date not null,
    entered_at timestamptz not null default now(),
    nth        bigint generated always as identity
);

create index teach_back_by_course on teach_back (course_id, nth);

-- The note of a visit; an amendment is a new row that names the note it amends. Rows are only added.
create table visit_note (
    id           uuid primary key,
    course_id    uuid not null references course,
    visited_on   date not null,
    subjective   text not null check (length(subjective) <= 8000),
    objective    text not null check (length(objective) <= 8000),
    assessment   text not null check (length(assessment) <= 8000),
    plan         text not null check (length(plan) <= 8000),
    own_words    text not null check (length(own_words) <= 8000),
    response     text not null check (length(response) <= 1000),
    next_on      date,
    amends       uuid unique references visit_note,
    why          text not null default '' check (length(why) <= 300),
    signature_id uuid references signature,
    written_by   uuid not null references account,
    written_at   timestamptz not null default now(),
    check ((amends is null) = (why = ''))
);

create index visit_note_by_course on visit_note (course_id, visited_on, written_at);

-- A note written by somebody who may not sign, with the signature of the one who answers for it.
create table countersignature (
    note_id      uuid primary key references visit_note,
    signature_id uuid not null references signature
);

-- The list for home that went with a note.
create table home_item (
    note_id uuid not null references visit_note,
    place   smallint not null,
    role    text not null,
    title   text not null,
    dose    text not null,
    often   text not null,
    primary key (note_id, place)
);

alter table signature drop constraint signature_kind_check;
alter table signature add constraint signature_kind_check
    check (kind in ('REFERRAL', 'REFERRAL_CHANGE', 'ADVANCE', 'HOLD_END', 'NOTE', 'COUNTERSIGN'));

grant select, insert on visit, block, plan_change, set_done, stop, teach_back, visit_note, countersignature, home_item
    to ${app_role};
