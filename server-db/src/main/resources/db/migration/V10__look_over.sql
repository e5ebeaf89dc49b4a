-- What was found when a book was looked over: seen, or measured.
create table look_over (
    book_id     uuid             not null references book (id) on delete cascade,
    look        text             not null,
    good        boolean          not null,
    measured_mm double precision check (measured_mm > 0),
    found_at    timestamptz      not null default now(),
    primary key (book_id, look)
);
