-- What was done to accounts, by whom. Rows are only added.
create table account_event (
    id         uuid primary key,
    account_id uuid not null references account,
    what       text not null check (what in ('ADDED', 'CLOSED', 'LINK_MADE', 'PASSWORD_SET')),
    done_by    uuid references account,
    done_at    timestamptz not null default now()
);

create index account_event_by_account on account_event (account_id, done_at);

grant select, insert on account_event to ${app_role};
