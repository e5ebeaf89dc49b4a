import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { api, value, type BookView } from '../../api/client';
import { SessionContext, useNewSession } from '../../state/useSession';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { Book } from './Book';
import { CopiesPlace } from './copies/CopiesPlace';
import { COPIES, stageAt, type StageWords } from '../../ui/stages';

/** Fetches a book and opens it at a stage. */
export default function BookPlace() {
  const { id = '', stage: path } = useParams();
  const stage = stageAt(path);
  const copies = path === COPIES;
  const book = useQuery({
    queryKey: ['book', id],
    queryFn: () => value(api.GET('/api/books/{id}', { params: { path: { id } } })),
    staleTime: Infinity,
    gcTime: 0,
  });
  if (!stage && !copies) {
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

/** @param stage where it is opened; nothing where all its copies are looked at */
function Opened({ view, stage }: { view: BookView; stage: StageWords | undefined }) {
  const session = useNewSession(view);
  useEffect(() => {
    document.title = `${view.document.name} · ${stage?.name ?? 'Copies'} · Itomichi`;
  }, [view, stage]);
  return (
    <SessionContext.Provider value={session}>
      {stage ? <Book stage={stage} /> : <CopiesPlace />}
    </SessionContext.Provider>
  );
}
