-- What a paper is judged by can be changed, and is part of what each step stands for.
update step s set details = jsonb_set(s.details, '{brief}', p.brief) from paper p where p.id = s.paper_id;
alter table paper drop column brief;

-- A deleted paper can be taken back for a while. It has no index: on a full disk there is no room for a page of one.
alter table paper add column deleted_at timestamptz;

-- Asked-for new passwords, by a digest of what the mail holds.
create table password_reset (
    digest bytea primary key,
    account_id uuid not null references account (id) on delete cascade,
    made_at timestamptz not null
);
create index password_reset_by_account on password_reset (account_id);

-- Each visitor of the demo has an account of their own, for a day.
drop index account_one_demo;
create index account_demo_by_age on account (created_at) where demo;
