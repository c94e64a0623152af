create table account (
    id uuid primary key,
    email text not null unique,
    password_hash text not null,
    demo boolean not null default false,
    created_at timestamptz not null
);

create table paper (
    id uuid primary key,
    account_id uuid not null references account (id) on delete cascade,
    title text not null,
    file_name text not null,
    guide text not null,
    surname text not null,
    short_title text not null,
    current_step integer not null,
    pages integer not null,
    words integer not null,
    open_by_station text not null,
    created_at timestamptz not null,
    changed_at timestamptz not null,
    version integer not null
);
create index paper_by_account on paper (account_id, changed_at desc);

create table manuscript (
    id uuid primary key,
    paper_id uuid not null references paper (id) on delete cascade,
    content bytea not null
);
create index manuscript_by_paper on manuscript (paper_id);

create table step (
    id uuid primary key,
    paper_id uuid not null references paper (id) on delete cascade,
    ordinal integer not null,
    label text not null,
    changes text not null,
    manuscript_id uuid not null references manuscript (id) on delete cascade,
    made_at timestamptz not null,
    unique (paper_id, ordinal)
);

create table proof (
    id uuid primary key,
    paper_id uuid not null references paper (id) on delete cascade,
    number integer not null,
    reason text not null,
    manuscript_id uuid not null references manuscript (id) on delete cascade,
    made_at timestamptz not null,
    unique (paper_id, number)
);
