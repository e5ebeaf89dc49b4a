-- What a book's card on the bench shows, so that nobody plans every book to list them. Worked out from the state of the book named beside
-- it and by the rules named beside it; where either has moved on it is worked out anew. Nothing here is lost if it is deleted.
create table book_card (
    book_id  uuid primary key references book (id) on delete cascade,
    version  bigint  not null,
    step     integer not null,
    on_shelf boolean not null,
    rules    text    not null,
    card     jsonb   not null
);

-- A revision that goes looks for those made from it: without this a book of 5,000 revisions looks through all of them 5,000 times.
create index revision_parent on revision (book_id, parent);

-- The bench is listed by what was changed last.
create index book_by_change on book (changed_at desc, id) where removed_at is null;
