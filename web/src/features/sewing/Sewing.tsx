import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { api, value } from '../../api/client';
import { Told, Waiting } from '../../ui/Told';
import { SewingTable } from './SewingTable';

/** Fetches a book and the place in its sewing. */
export default function Sewing() {
  const { id = '' } = useParams();
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
  const failed = book.error ?? place.error;
  useEffect(() => {
    document.title = `Sewing ${book.data?.document.name ?? ''} · Itomichi`;
  }, [book.data]);
  if (failed) {
    return (
      <main className="sewing">
        <Told
          message={failed.message}
          again={() => {
            void book.refetch();
            void place.refetch();
          }}
        />
        <Link to="/">To the bench</Link>
      </main>
    );
  }
  const plan = book.data?.plan;
  return book.data && plan?.sewing && plan.holes && place.data ? (
    <SewingTable book={book.data} sewing={{ ...plan.sewing, stations: plan.holes.stations }} place={place.data} />
  ) : (
    <Waiting what="Laying out the work" />
  );
}
