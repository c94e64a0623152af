-- The brief somebody is working on: guide, facts and house rules, as they were left.
create table brief (
    account_id uuid primary key references account (id) on delete cascade,
    choice jsonb not null,
    changed_at timestamptz not null
);

-- What a course asks otherwise, kept to be used again. A set taken over from somebody else tells its name and date.
create table house_rule_set (
    id uuid primary key,
    account_id uuid not null references account (id) on delete cascade,
    guide text not null,
    house jsonb not null,
    taken_from text,
    taken_at timestamptz,
    share_token text unique,
    changed_at timestamptz not null
);
create index house_rule_set_by_account on house_rule_set (account_id);

-- What is left of a paper as a pattern for the next: the brief it was judged by and the parts it has, none of its words.
create table pattern (
    id uuid primary key,
    account_id uuid not null references account (id) on delete cascade,
    name text not null,
    brief jsonb not null,
    outline jsonb not null,
    made_at timestamptz not null
);
create index pattern_by_account on pattern (account_id);
