-- Single sheets may be folded at the fore edge, printed on one side; those of books kept before were not.
update revision
set document = jsonb_set(document, '{pages,doubled}', 'false')
where not document -> 'pages' ? 'doubled';
