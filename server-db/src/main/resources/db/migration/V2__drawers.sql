-- What lies in the drawers: papers, threads, boards, cover stuffs, needles. What is told of a thing depends on its drawer; the program
-- checks it by the drawer's columns. A thing that is put away stays, because books may have been made from it.
create table thing (
    id          uuid primary key,
    drawer      text        not null check (drawer in ('PAPERS', 'THREADS', 'BOARDS', 'COVERS', 'NEEDLES')),
    name        text        not null,
    particulars jsonb       not null,
    version     bigint      not null default 1,
    put_away_at timestamptz,
    changed_at  timestamptz not null default now()
);

-- Two things of one name in one drawer could not be told apart.
create unique index thing_name_in_use on thing (drawer, lower(name)) where put_away_at is null;

-- Books kept before papers came from stock and sheets could be shared over signatures say the same as before in the new shape.
update revision
set document = (document - 'pages') || jsonb_build_object(
    'use', '{"needs": [], "copies": 1, "hands": "PRACTISED"}'::jsonb,
    'extent', jsonb_build_object('by', 'PAGES', 'number', document -> 'pages'),
    'otherPapers', '[]'::jsonb,
    'cutting', '{"manner": "CUT", "grainFirst": true, "trimMm": 0}'::jsonb,
    'gathering', '{"filled": false, "wish": {"odd": false, "endpapersApart": false}, "pressing": "OVERNIGHT", "twoOn": false, "pasteInsMm": 0, "recipes": []}'::jsonb)
where document ? 'pages';
