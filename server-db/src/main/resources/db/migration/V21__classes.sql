-- Classes: a book that several people make together, when, how long, by what hands.
create table course (
    id      uuid        primary key,
    book_id uuid        not null references book (id) on delete cascade,
    wish    jsonb       not null,
    made_at timestamptz not null default now()
);

create index course_book on course (book_id);
