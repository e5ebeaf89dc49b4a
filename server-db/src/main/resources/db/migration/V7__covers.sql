-- The sewn block gets its cover, and two stages more. Books kept before are covered as is usual, nothing is measured on them; those that were
-- sewn were done, and stay so.
update revision
set document = jsonb_set(
    jsonb_set(document, '{covering}', '{"numbers": {}, "schools": {}, "block": {}, "ticked": []}'),
    '{done}',
    case when document -> 'done' ? 'SEW' then (document -> 'done') || '["COVER", "FINISH"]'::jsonb else document -> 'done' end)
where not document ? 'covering';
