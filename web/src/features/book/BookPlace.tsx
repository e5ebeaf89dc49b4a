import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { api, value, type BookView } from '../../api/client';
import { SessionContext, useNewSession } from '../../state/useSession';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { Book } from './Book';
import { stageAt } from './stages';

/** Fetches a book and opens it at a stage. */
export default function BookPlace() {
  const { id = '', stage: path } = useParams();
  const stage = stageAt(path);
  const book = useQuery({
    queryKey: ['book', id],
    queryFn: () => value(api.GET('/api/books/{id}', { params: { path: { id } } })),
    staleTime: Infinity,
    gcTime: 0,
  });
  if (!stage) {
    return <Navigate to={`/books/${id}/purpose`} replace />;
  }
  if (book.isError) {
    return (
      <main id="place" className="book-missing">
        <ErrorNote message={book.error.message} again={() => void book.refetch()} />
        <Link to="/">To the bench</Link>
      </main>
    );
  }
  return book.data ? <Opened key={id} view={book.data} stage={stage} /> : <Waiting what="Fetching the book" />;
}

function Opened({ view, stage }: { view: BookView; stage: NonNullable<ReturnType<typeof stageAt>> }) {
  const session = useNewSession(view);
  useEffect(() => {
    document.title = `${view.document.name} · ${stage.name} · Itomichi`;
  }, [view, stage]);
  return (
    <SessionContext.Provider value={session}>
      <Book stage={stage} />
    </SessionContext.Provider>
  );
}
