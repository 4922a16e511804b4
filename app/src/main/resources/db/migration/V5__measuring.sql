-- How a reading was taken, and what it was worked out from. Rows of earlier versions have the usual values.
alter table reading
    -- In which order rows were written: two may carry the same moment.
    add column nth      bigint generated always as identity,
    add column rater    text not null default '',
    add column tool     text check (tool in ('GONIOMETER', 'INCLINOMETER', 'BY_EYE', 'TAPE', 'DYNAMOMETER',
                                             'FIXED_DYNAMOMETER', 'FORCE_PLATE', 'SCALE', 'STOPWATCH')),
    add column position text not null default '' check (length(position) <= 120),
    add column pain     smallint check (pain between 0 and 10),
    add column end_feel text check (end_feel in ('FIRM', 'HARD', 'SOFT', 'EMPTY', 'SPASM')),
    add column working  text not null default '' check (length(working) <= 2000),
    add column source   text not null default 'SHEET' check (source in ('SHEET', 'INSTRUMENT', 'FILE', 'BENCH'));

-- What is worked out is kept as it is; it is rounded where it is shown.
alter table reading alter column value type numeric(16, 9);

create index reading_by_measure on reading (course_id, measure, side, mode, measured_on, nth);

create index reading_by_nth on reading (course_id, nth);
create index reading_replaced on reading (replaces) where replaces is not null;

-- What was seen when a hold was placed.
alter table hold add column evidence text not null default '';

-- A message to the surgeon, with the evidence as it was shown. Rows are only added.
create table surgeon_message (
    id            uuid primary key,
    course_id     uuid not null references course,
    words         text not null check (length(words) between 3 and 4000),
    evidence      text not null,
    evidence_hash text not null check (length(evidence_hash) = 64),
    written_by    uuid not null references account,
    written_at    timestamptz not null default now()
);

create index surgeon_message_by_course on surgeon_message (course_id, written_at);

-- What was worked out or thought of and is no reading. Rows are only added.
create table note (
    id         uuid primary key,
    course_id  uuid not null references course,
    words      text not null check (length(words) between 3 and 2000),
    written_by uuid not null references account,
    written_at timestamptz not null default now()
);

create index note_by_course on note (course_id, written_at);

grant select, insert on note to ${app_role};
grant select, insert on surgeon_message to ${app_role};
