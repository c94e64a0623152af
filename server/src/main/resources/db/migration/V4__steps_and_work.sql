-- A file is kept once for each content an account has.
alter table manuscript add column account_id uuid references account (id) on delete cascade;
alter table manuscript add column hash bytea;
alter table manuscript add column size integer;
update manuscript m set account_id = p.account_id, hash = sha256(m.content), size = length(m.content)
from paper p where p.id = m.paper_id;

create temporary table kept as
select m.id, first_value(m.id) over (partition by m.account_id, m.hash order by m.id) as keeper from manuscript m;
update step s set manuscript_id = k.keeper from kept k where k.id = s.manuscript_id;
update proof p set manuscript_id = k.keeper from kept k where k.id = p.manuscript_id;

-- Steps and proofs no longer go with their file: a file goes when nothing points at it.
alter table step drop constraint step_manuscript_id_fkey;
alter table proof drop constraint proof_manuscript_id_fkey;
delete from manuscript m using kept k where k.id = m.id and k.keeper <> m.id;
drop table kept;
drop index manuscript_by_paper;
alter table manuscript drop column paper_id;
alter table manuscript alter column account_id set not null;
alter table manuscript alter column hash set not null;
alter table manuscript alter column size set not null;
alter table manuscript add unique (account_id, hash);
alter table step add foreign key (manuscript_id) references manuscript (id) deferrable initially deferred;
alter table proof add foreign key (manuscript_id) references manuscript (id) deferrable initially deferred;
create index step_by_manuscript on step (manuscript_id);
create index proof_by_manuscript on proof (manuscript_id);

-- What a step did and how the paper stands after it. How it stands is known only of the step at hand.
alter table step add column details jsonb;
update step s set details = jsonb_build_object(
    'label', s.label,
    'words', coalesce((
        select jsonb_agg(jsonb_build_object('before', split_part(l, E'\t', 1), 'after', split_part(l, E'\t', 2)))
        from unnest(string_to_array(nullif(s.changes, ''), E'\n')) l), '[]'::jsonb),
    'putRight', coalesce((
        select jsonb_agg(jsonb_build_object('rule', split_part(l, E'\t', 1), 'text', split_part(l, E'\t', 2)))
        from unnest(string_to_array(nullif(s.put_right, ''), E'\n')) l), '[]'::jsonb),
    'changed', coalesce(to_jsonb(string_to_array(nullif(s.changed, ''), E'\n')), '[]'::jsonb),
    'stets', coalesce((
        select jsonb_object_agg(split_part(l, E'\t', 1), split_part(l, E'\t', 2))
        from unnest(string_to_array(nullif(s.stets, ''), E'\n')) l), '{}'::jsonb),
    'states', jsonb_build_object('pages', 0, 'words', 0, 'open', '{}'::jsonb));
update step s set details = jsonb_set(s.details, '{states}', jsonb_build_object(
    'pages', p.pages,
    'words', p.words,
    'open', coalesce((
        select jsonb_object_agg(split_part(l, '=', 1), split_part(l, '=', 2)::integer)
        from unnest(string_to_array(nullif(p.open_by_station, ''), ',')) l), '{}'::jsonb)))
from paper p where p.id = s.paper_id and p.current_step = s.ordinal;
alter table step alter column details set not null;
alter table step drop column label, drop column changes, drop column put_right, drop column changed, drop column stets;

alter table paper add column brief jsonb;
update paper set brief = jsonb_build_object('guide', guide, 'surname', surname, 'shortTitle', short_title);
alter table paper alter column brief set not null;
alter table paper drop column guide, drop column surname, drop column short_title, drop column pages, drop column words,
    drop column open_by_station;

-- A paper stands at a step that is there.
alter table paper add constraint paper_stands_at_a_step foreign key (id, current_step)
    references step (paper_id, ordinal) deferrable initially deferred;

-- Work that is asked for, under way or done; any instance of the server may do it.
create table work (
    id uuid primary key,
    account_id uuid not null references account (id) on delete cascade,
    kind text not null,
    details jsonb not null,
    input bytea,
    same_as text,
    place uuid,
    state text not null,
    stage text not null,
    result jsonb,
    problem jsonb,
    attempts integer not null default 0,
    stop_asked boolean not null default false,
    created_at timestamptz not null default now(),
    started_at timestamptz,
    lease_until timestamptz,
    finished_at timestamptz
);
create index work_to_do on work (state, created_at) where state in ('WAITING', 'RUNNING');
create index work_by_account on work (account_id, started_at);
create index work_by_end on work (finished_at);
create unique index work_asked_once on work (account_id, same_as) where state in ('WAITING', 'RUNNING');

-- Tries to sign in, by a digest of the address or the machine they came from.
create table sign_in_tries (
    key bytea primary key,
    tries integer not null,
    since timestamptz not null
);
