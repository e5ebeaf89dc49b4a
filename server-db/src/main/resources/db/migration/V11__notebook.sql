-- When a book came to the shelf. Of those that stand there already the last change is the best guess.
alter table book add column shelved_at timestamptz;
update book set shelved_at = changed_at where on_shelf;

-- A book's page of the notebook: what its binder wrote, and what came out, by what it is, in mm, sheets or minutes.
create table notebook_page (
    book_id    uuid primary key references book (id) on delete cascade,
    notes      text        not null default '',
    failed     text        not null default '',
    readings   jsonb       not null default '{}',
    changed_at timestamptz not null default now()
);

-- Pictures of a book, made anew from what was sent: upright, with nothing but what is seen.
create table picture (
    id       uuid primary key,
    book_id  uuid        not null references book (id) on delete cascade,
    caption  text        not null default '',
    width    integer     not null check (width > 0),
    height   integer     not null check (height > 0),
    jpeg     bytea       not null,
    thumb    bytea       not null,
    added_at timestamptz not null default now()
);

create index picture_book on picture (book_id, added_at);
