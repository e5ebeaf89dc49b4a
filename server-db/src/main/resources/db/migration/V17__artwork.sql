-- Sheets may be painted or printed before they are folded; of books kept before nothing is said of that.
update revision
set document = jsonb_set(document, '{pages,artwork}', '{"pictures": [], "facing": []}')
where not document -> 'pages' ? 'artwork';
