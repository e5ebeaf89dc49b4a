-- Copies of a book may differ; those of books kept before are all alike.
update revision
set document = document || '{"edition": {"kinds": [], "sparePercent": 0, "practicePercent": 90, "names": [], "colophon": ""}}'
where not document ? 'edition';

-- What is done of each copy of a book, and what became of it. Of a copy that is not here nothing was marked.
create table copy_mark (
    book_id  uuid    not null references book (id) on delete cascade,
    copy     integer not null check (copy >= 1),
    done     text[]  not null default '{}',
    left_out boolean not null default false,
    -- spoilt and begun anew: what is done of the whole book is not done of it
    anew     boolean not null default false,
    primary key (book_id, copy)
);

-- Copies that were spoilt or lost and are made anew, and what was being done then.
create table spoilt_copy (
    id        uuid        primary key,
    book_id   uuid        not null references book (id) on delete cascade,
    copy      integer     not null check (copy >= 1),
    stage     text        not null,
    spoilt_at timestamptz not null default now(),
    -- by which act what it needs anew was taken out of the drawers; nothing until it is
    act       uuid
);

create index spoilt_copy_book on spoilt_copy (book_id, spoilt_at);

-- What is taken anew for spoilt copies is an act too.
alter table drawer_act drop constraint drawer_act_kind_check;
alter table drawer_act add constraint drawer_act_kind_check check (kind in ('STAGE', 'CUT', 'BOUGHT', 'ANEW'));
