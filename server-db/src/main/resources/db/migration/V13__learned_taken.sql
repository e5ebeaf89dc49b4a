-- What finished books taught can be taken into a book; into those kept before nothing was.
update revision
set document = document || '{"learned": {}}'
where not document ? 'learned';

-- A paper's thickness is learned by name and weight (mg/m2), for two weights of one name are two papers.
update learned_out l
set habit = l.habit || '/' || (select round((r.document #>> '{paper,grammageGsm}')::numeric * 1000)
                               from book b join revision r on r.book_id = b.id and r.number = b.head
                               where b.id = l.book_id)
where l.habit like 'BULK:%';
