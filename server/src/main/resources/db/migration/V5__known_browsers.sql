-- Browsers that have signed in to an account, by a digest of their cookie.
create table known_browser (
    digest bytea primary key,
    account_id uuid not null references account (id) on delete cascade,
    seen_at timestamptz not null
);
create index known_browser_by_account on known_browser (account_id);
create index known_browser_by_age on known_browser (seen_at);

-- There is one demo account, whichever of several servers makes it.
create unique index account_one_demo on account (demo) where demo;
