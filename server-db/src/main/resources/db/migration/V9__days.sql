-- When there is a hand at the bench and how much can lie at once: one for the whole bench.
create table bench_hours (
    one   boolean primary key default true check (one),
    hours jsonb not null
);

-- When a book is wanted, and what its binder does otherwise than the steps are planned.
create table book_days (
    book_id uuid primary key references book (id) on delete cascade,
    wanted  date,
    changes jsonb not null
);

-- When a hand was on a step of a book: a step that is left and taken up again has more than one such time. It is finished with the last.
create table step_log (
    book_id  uuid        not null references book (id) on delete cascade,
    step     text        not null,
    began_at timestamptz not null,
    ended_at timestamptz check (ended_at >= began_at),
    finished boolean     not null default false check (not finished or ended_at is not null),
    primary key (book_id, step, began_at)
);

-- A hand is on a step once, and it is finished once.
create unique index step_log_open on step_log (book_id, step) where ended_at is null or finished;
