-- Classes: a book that several people make together, when, how long, by what hands.
create table course (
    id      uuid        primary key,
    book_id uuid        not null references book (id) on delete cascade,
    wish    jsonb       not null,
    -- by which act what its kits hold was taken out of the drawers; nothing until it is
    act     uuid,
    made_at timestamptz not null default now()
);

create index course_book on course (book_id);

-- What is taken for the kits of a class is an act too.
alter table drawer_act drop constraint drawer_act_kind_check;
alter table drawer_act add constraint drawer_act_kind_check check (kind in ('STAGE', 'CUT', 'BOUGHT', 'ANEW', 'CLASS'));
