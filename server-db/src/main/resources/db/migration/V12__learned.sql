-- Readings that a binder leaves out of what books teach: of which book, of which habit.
create table learned_out (
    book_id uuid not null references book (id) on delete cascade,
    habit   text not null,
    primary key (book_id, habit)
);
