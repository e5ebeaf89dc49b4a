-- A book says how its pages are counted; in those kept before they are counted from the first page on. Who went on past gathering has them
-- gathered in order.
update revision
set document = document || '{"pages": {"blanks": "END", "uncounted": 0, "roman": 0, "first": 1}}'
where not document ? 'pages';

update revision
set document = jsonb_set(document, '{done}', (document -> 'done') || '["PAGES"]')
where document -> 'done' ?| array['STATIONS', 'TEMPLATE', 'THREAD', 'SEW', 'COVER', 'FINISH']
  and not document -> 'done' ? 'PAGES';

-- Lists that are ticked off: holes as they are punched, signatures as they are gathered.
alter table punching add column of_what text not null default 'HOLES' check (of_what in ('HOLES', 'SIGNATURES'));
alter table punching drop constraint punching_pkey;
alter table punching add primary key (book_id, of_what);
