-- The text that a book is printed with: a PDF file, kept in parts as it came. Until it was read it has no sizes of pages.
create table book_text (
    id       uuid primary key,
    book_id  uuid        not null references book (id) on delete cascade,
    name     text        not null,
    bytes    bigint      not null check (bytes > 0),
    -- width and height of each page as it is seen, mm
    sizes    jsonb,
    added_at timestamptz not null default now()
);

-- A book has one text; another may be on its way.
create unique index book_text_read on book_text (book_id) where sizes is not null;
create index book_text_book on book_text (book_id);

create table book_text_part (
    text_id uuid    not null references book_text (id) on delete cascade,
    book_id uuid    not null references book (id) on delete cascade,
    number  integer not null check (number >= 0),
    content bytea   not null,
    primary key (text_id, number)
);

-- Already packed: packing it once more takes time and saves nothing.
alter table book_text_part alter column content set storage external;

-- How a book's text is printed.
create table print_wish (
    book_id uuid primary key references book (id) on delete cascade,
    wish    jsonb not null
);

-- What a printer does to a stack that is laid in again as it came out; nothing while nobody has tried.
alter table printer
    add column backs_reversed    boolean,
    add column backs_upside_down boolean;
