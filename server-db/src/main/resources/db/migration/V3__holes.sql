-- Several printers stand about a workshop, each with an error of its own. One is simulated, to try the correction on.
alter table printer rename to one_printer;
alter table one_printer rename constraint printer_pkey to one_printer_pkey;

create table printer (
    id         uuid primary key,
    name       text             not null,
    simulated  boolean          not null default false,
    across     double precision not null default 1 check (across between 0.9 and 1.1),
    along      double precision not null default 1 check (along between 0.9 and 1.1),
    changed_at timestamptz      not null default now()
);

create unique index printer_name_in_use on printer (lower(name));

insert into printer (id, name, across, along)
select '00000000-0000-0000-0000-000000000001', 'Printer at this bench', coalesce(max(across), 1), coalesce(max(along), 1)
from one_printer;

insert into printer (id, name, simulated)
values ('00000000-0000-0000-0000-000000000002', 'Simulated printer', true);

drop table one_printer;

-- Templates that were kept. What is on one is read and compared as a whole; what it fits is worked out from it.
create table kept_template (
    id       uuid primary key,
    name     text        not null,
    notes    text        not null,
    ink      text        not null,
    template jsonb       not null,
    version  bigint      not null default 1,
    book_id  uuid references book (id) on delete set null,
    kept_at  timestamptz not null default now()
);

create unique index kept_template_name_in_use on kept_template (lower(name));

-- What is punched of a book's list. The list is kept with it, so that a change of plan under a half-punched book is noticed.
create table punching (
    book_id    uuid primary key references book (id) on delete cascade,
    ticked     integer[]   not null,
    list       text        not null,
    changed_at timestamptz not null default now()
);

-- Books kept before rows, pairs, exemplars and holes through the side were told say the same as before in the new shape.
update revision
set document = jsonb_set(
    jsonb_set(document, '{gathering,unlike}', '[]'::jsonb),
    '{stations}',
    '{"pairs": 3, "pairMm": 12, "kettleMm": 12, "exemplarHeightMm": 210, "exemplarMm": [], "carry": "IN_PROPORTION", "symmetric": false, "level": "HEAD"}'::jsonb
        || (document -> 'stations'))
    || jsonb_build_object(
        'rows', '{"school": "EQUAL", "marginMm": 6, "pitchMm": 6, "placedMm": []}'::jsonb,
        'side', '{"edgeMm": 12, "alongMm": 7, "extraEdgeMm": 6, "inner": false, "innerEdgeMm": 17, "byHand": false, "placed": [], "loose": []}'::jsonb)
where not document ? 'rows';
