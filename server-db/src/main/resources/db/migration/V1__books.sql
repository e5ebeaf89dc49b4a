-- A book and everything it has been. The version counts every change, undo and redo included, and is what two windows are
-- kept apart by; the head says which revision the book is at now.
create table book (
    id         uuid primary key,
    name       text        not null,
    version    bigint      not null default 1,
    head       integer     not null default 1,
    on_shelf   boolean     not null default false,
    removed_at timestamptz,
    created_at timestamptz not null default now(),
    changed_at timestamptz not null default now()
);

-- Two books in work under one name could not be told apart.
create unique index book_name_in_use on book (lower(name)) where removed_at is null;

-- Revisions form a tree: undoing goes to the parent, and a change made after undoing starts a new branch. None is deleted.
create table revision (
    book_id  uuid        not null references book (id) on delete cascade,
    number   integer     not null,
    parent   integer,
    change   text        not null,
    document jsonb       not null,
    made_at  timestamptz not null default now(),
    primary key (book_id, number),
    foreign key (book_id, parent) references revision (book_id, number),
    check (parent < number)
);

-- Where the needle is. The path is the notation it was sewn by, so that a change of plan under a half-sewn book is noticed.
create table sewing_place (
    book_id    uuid primary key references book (id) on delete cascade,
    step       integer     not null check (step >= 0),
    outside_up boolean     not null default false,
    path       text        not null,
    changed_at timestamptz not null default now()
);

-- What the printer is stretched by; one row, for the printer at this bench.
create table printer (
    id         integer primary key check (id = 1),
    across     double precision not null check (across between 0.9 and 1.1),
    along      double precision not null check (along between 0.9 and 1.1),
    changed_at timestamptz      not null default now()
);
