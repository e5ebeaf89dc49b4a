-- Two signatures on one length of thread were a tick beside the way of sewing; now they are a way of sewing, of books on tapes. A back may be
-- rounded, and it counts what a cover is made of; books kept before are flat, and their covers card.
update revision
set document = jsonb_set(
    case when (document #>> '{gathering,twoOn}')::boolean and document ->> 'structure' = 'tapes'
        then jsonb_set(document, '{stitch,variant}', '"two-on"')
        else document end,
    '{gathering}',
    ((document -> 'gathering') - 'twoOn') || '{"back": "FLAT"}'::jsonb)
where document -> 'gathering' ? 'twoOn';

update revision
set document = jsonb_set(document, '{cover,stuff}', '"CARD"')
where not document -> 'cover' ? 'stuff';
