-- Signing in: what was tried, how often it may be, and the second factor.

-- Rows are only added. A name that is nobody's is not kept: people type passwords there.
create table sign_in_event (
    id         bigint generated always as identity primary key,
    account_id uuid references account,
    what       text not null check (what in ('SIGNED_IN', 'REFUSED', 'CODE_REFUSED', 'RECOVERY_USED', 'SIGNED_OUT')),
    address    text not null check (length(address) <= 60),
    tried_at   timestamptz not null default now()
);

create index sign_in_event_by_account on sign_in_event (account_id, tried_at);

alter table account_event drop constraint account_event_what_check;
alter table account_event add constraint account_event_what_check check (what in
    ('ADDED', 'CLOSED', 'LINK_MADE', 'PASSWORD_SET', 'PASSWORD_CHANGED', 'SECOND_FACTOR_SET', 'SECOND_FACTOR_REMOVED',
     'SESSIONS_ENDED', 'SECOND_FACTOR_DEMANDED', 'SECOND_FACTOR_LEFT_FREE'));

-- A time code's secret of 160 bits; it counts from when its owner proved to have it. The last step used is never taken again.
create table second_factor (
    account_id   uuid primary key references account,
    secret       bytea not null check (length(secret) = 20),
    confirmed_at timestamptz,
    last_step    bigint not null default 0
);

-- Codes for a lost telephone, each good once. Only their hashes are kept.
create table recovery_code (
    account_id uuid not null references account,
    code_hash  text not null check (length(code_hash) = 64),
    used_at    timestamptz,
    primary key (account_id, code_hash)
);

-- How many tries are left, kept by the library that counts them.
create table sign_in_bucket (
    id         text primary key,
    state      bytea,
    expires_at bigint
);

create index sign_in_bucket_by_end on sign_in_bucket (expires_at);

alter table clinic add column demands_second_factor boolean not null default false;

-- A link's owner also says a number that was told another way; after five wrong ones the link is spent.
alter table invitation add column spoken_hash text check (length(spoken_hash) = 64);
alter table invitation add column wrong integer not null default 0;

grant select, insert on sign_in_event to ${app_role};
grant select, insert, update, delete on second_factor, recovery_code, sign_in_bucket to ${app_role};
grant update (demands_second_factor) on clinic to ${app_role};
grant update (wrong) on invitation to ${app_role};
