-- A book's cover says which sheets its pieces are cut from; of books kept before nothing is settled.
update revision
set document = jsonb_set(document, '{covering,stocks}', '[]')
where document ? 'covering' and not document -> 'covering' ? 'stocks';

-- What was taken out of the drawers and laid in, so that it can be undone: by a stage that is done, by cutting, by buying.
create table drawer_act (
    id        uuid primary key,
    kind      text        not null check (kind in ('STAGE', 'CUT', 'BOUGHT')),
    stage     text,
    thing     uuid,
    books     uuid[]      not null default '{}',
    moved     jsonb       not null,
    done_at   timestamptz not null default now(),
    undone_at timestamptz
);

create index drawer_act_books on drawer_act using gin (books);

-- What the binder cuts with: one for the whole bench.
create table knife (
    one            boolean primary key default true check (one),
    reach_mm       double precision,
    least_strip_mm double precision not null default 0
);
