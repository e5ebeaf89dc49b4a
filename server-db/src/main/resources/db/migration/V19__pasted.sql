-- What was made beforehand is told of any signature; it was of the first one of pages. Nothing was pasted to any page.
update revision
set document = jsonb_set(document, '{pages}', document -> 'pages' || jsonb_build_object(
    'pasted', jsonb_build_array(),
    'artwork', jsonb_build_object(
        'pictures', (
            select coalesce(jsonb_agg(jsonb_set(picture, '{half,signature}', at.first)), '[]')
            from jsonb_array_elements(document #> '{pages,artwork,pictures}') as picture),
        'facing', (
            select coalesce(jsonb_agg(jsonb_set(jsonb_set(two, '{one,signature}', at.first), '{other,signature}', at.first)), '[]')
            from jsonb_array_elements(document #> '{pages,artwork,facing}') as two))))
from (
    select book_id as of_book, number as of_number, to_jsonb(case
        when document #>> '{gathering,wish,endpapersApart}' = 'true' and document ->> 'structure' not in ('pamphlet', 'corded-pamphlet') then 2
        else 1 end) as first
    from revision) as at
where at.of_book = revision.book_id and at.of_number = revision.number and not document -> 'pages' ? 'pasted';
