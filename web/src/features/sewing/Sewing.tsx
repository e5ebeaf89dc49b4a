import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { api, value } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { Rehearsal } from './Rehearsal';
import { SewingTable } from './SewingTable';

/** Fetches a book, the way it is sewn by and the place in its sewing. */
export default function Sewing() {
  return <Way rehearse={false} />;
}

/** The same way, to be gone through without needle and thread. */
export function Rehearsed() {
  return <Way rehearse />;
}

function Way({ rehearse }: { rehearse: boolean }) {
  const { id = '' } = useParams();
  const client = useQueryClient();
  const params = { params: { path: { id } } };
  const book = useQuery({
    queryKey: ['sewing-book', id],
    queryFn: () => value(api.GET('/api/books/{id}', params)),
    gcTime: 0,
  });
  const place = useQuery({
    queryKey: ['sewing', id],
    queryFn: () => value(api.GET('/api/books/{id}/sewing', params)),
    gcTime: 0,
  });
  const way = useQuery({
    queryKey: ['sewing-way', id, rehearse],
    // a rehearsal goes by the plan, whatever way this copy of the book has taken
    queryFn: async () =>
      rehearse
        ? value(api.POST('/api/plan/way', { body: (await value(api.GET('/api/books/{id}', params))).document }))
        : value(api.GET('/api/books/{id}/sewing/way', params)),
    gcTime: 0,
  });
  const failed = book.error ?? place.error ?? way.error;
  useEffect(() => {
    document.title = `${rehearse ? 'Rehearsing' : 'Sewing'} ${book.data?.document.name ?? ''} · Itomichi`;
  }, [book.data, rehearse]);
  if (failed) {
    return (
      <main className="sewing">
        <ErrorNote
          message={failed.message}
          again={() => {
            void book.refetch();
            void place.refetch();
            void way.refetch();
          }}
        />
        <Link to="/">To the bench</Link>
      </main>
    );
  }
  if (!book.data || !place.data || !way.data) {
    return <Waiting what="Laying out the work" />;
  }
  return rehearse ? (
    <Rehearsal book={book.data} way={way.data} />
  ) : (
    <SewingTable
      key={place.dataUpdatedAt}
      book={book.data}
      way={way.data}
      place={place.data}
      wayChanged={async () => {
        await client.invalidateQueries({ queryKey: ['sewing-way', id] });
        await client.invalidateQueries({ queryKey: ['sewing', id] });
      }}
    />
  );
}
