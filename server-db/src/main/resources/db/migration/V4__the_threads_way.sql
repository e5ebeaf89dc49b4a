-- Where the needle is, in a book that is sewn by another way than its plan because a wrong stitch was made good: the way it is really
-- sewn by. The path beside it stays the plan's, so that a change of plan is still noticed.
alter table sewing_place add column strayed text;

-- What a learner gets wrong when rehearsing: how often each step was asked, and how often it was missed.
create table rehearsal (
    book_id    uuid        not null references book (id) on delete cascade,
    step       integer     not null check (step > 0),
    path       text        not null,
    tries      integer     not null default 0,
    misses     integer     not null default 0,
    changed_at timestamptz not null default now(),
    primary key (book_id, step)
);

-- A binder's own patterns. What one shows is read and compared as a whole; how it is sewn is worked out from it.
create table own_pattern (
    id         uuid primary key,
    name       text        not null,
    notes      text        not null,
    pattern    jsonb       not null,
    version    bigint      not null default 1,
    changed_at timestamptz not null default now()
);

create unique index own_pattern_name_in_use on own_pattern (lower(name));

-- Books kept before there was a choice of how they are sewn are sewn in the usual way.
update revision
set document = document || jsonb_build_object(
    'stitch', '{"variant": "usual", "tapeMm": 0.4, "cordMm": 3, "boardMm": 2, "boardHoleMm": 8, "threads": "ONE", "workHeights": 12}'::jsonb)
where not document ? 'stitch';
