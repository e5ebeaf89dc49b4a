import { useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api, failure, outcome, type BookCard } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { useSize } from '../../ui/useSize';
import { FileIn } from './FileIn';
import { Row } from './Row';
import { useBooks } from './useBooks';
import './bench.css';

const NewBook = lazy(() => import('./NewBook'));

/** Finished books that stand in sight. */
const ON_SHELF = 3;

/** The start: books in work on the table, finished ones on the shelf above. */
export function Bench() {
  const [search, setSearch] = useSearchParams();
  const [find, setFind] = useState('');
  const [said, setSaid] = useState<{ text: string; again?: () => void } | null>(null);
  const finder = useRef<{ focus: () => void }>(null);
  const place = useRef<HTMLElement>(null);
  const { width } = useSize(place);
  const navigate = useNavigate();
  const client = useQueryClient();
  const table = useBooks(find, false);
  const finished = useBooks(find, true);
  const [wholeShelf, setWholeShelf] = useState(false);
  // what is in work stays in sight; who looks for something looks on the whole shelf
  const shelf =
    wholeShelf || find || finished.books.length <= ON_SHELF
      ? finished
      : { ...finished, books: finished.books.slice(0, ON_SHELF), more: () => setWholeShelf(true) };
  const { parts } = table;

  useEffect(() => {
    document.title = 'Bench · Itomichi';
  }, []);
  useEffect(() => {
    if (search.get('find')) {
      finder.current?.focus();
      setSearch({}, { replace: true });
    }
  }, [search, setSearch]);

  const refresh = () => client.invalidateQueries({ queryKey: ['bench'] });
  const done = async (request: Parameters<typeof outcome>[0], text: string, again?: () => void) => {
    const result = await outcome(request);
    const message = result.kind === 'value' ? null : failure(result);
    setSaid(message === null ? { text, ...(again ? { again } : {}) } : { text: `${message} Nothing was changed.` });
    await refresh();
  };
  const put = (book: BookCard, onShelf: boolean) =>
    done(
      api.PUT('/api/books/{id}/shelf', { params: { path: { id: book.id } }, body: { onShelf } }),
      onShelf ? `“${book.name}” stands on the shelf.` : `“${book.name}” is back on the bench.`,
    );
  const restore = (book: BookCard) =>
    done(api.POST('/api/books/{id}/restore', { params: { path: { id: book.id } } }), `“${book.name}” is back.`);
  const remove = (book: BookCard) =>
    done(
      api.DELETE('/api/books/{id}', { params: { path: { id: book.id } } }),
      `“${book.name}” is removed.`,
      () => void restore(book),
    );
  const copy = (book: BookCard) =>
    done(
      api.POST('/api/books/{id}/copy', { params: { path: { id: book.id } } }),
      `A copy of “${book.name}” stands on the bench, nothing done yet.`,
    );
  const acts = { copy, remove, put };

  const tallest = Math.max(120, ...[...table.books, ...shelf.books].map((book) => book.heightMm));
  const scale = Math.min(1, (width < 600 ? 200 : 330) / tallest);

  return (
    <main id="place" className="bench" ref={place}>
      <div className="bench-top">
        <h1>On the bench</h1>
        <Input
          ref={(input) => {
            finder.current = input;
          }}
          className="bench-find"
          placeholder="Find by name or purpose"
          aria-label="Find a book by name or purpose"
          value={find}
          allowClear
          onChange={(event) => setFind(event.target.value)}
        />
        <FileIn loaded={(id) => void navigate(`/books/${id}/purpose`)} say={(text) => setSaid({ text })} />
        <Button type="primary" onClick={() => setSearch({ begin: 'yes' })}>
          Begin a book
        </Button>
      </div>
      <p className="bench-said" role="status">
        {said?.text}{' '}
        {said?.again && (
          <Button size="small" onClick={said.again}>
            Put it back
          </Button>
        )}
      </p>
      {parts.isError && (
        <ErrorNote
          message={`${parts.error.message} The bench is shown again as soon as it does.`}
          again={() => void parts.refetch()}
        />
      )}
      {parts.isPending && !parts.isError && <Waiting what="Looking for the books" />}
      {parts.data && (
        <>
          {shelf.all > 0 && <Row name="Shelf" {...shelf} scale={scale} acts={acts} shelf />}
          <Row
            name="Table"
            {...table}
            scale={scale}
            acts={acts}
            empty={
              find
                ? `No book in work has “${find}” in its name or purpose.`
                : 'The table is empty. Begin a book: how many pages, how large, on what paper.'
            }
          />
        </>
      )}
      {search.get('begin') && (
        <Suspense>
          <NewBook
            close={() => setSearch({}, { replace: true })}
            begun={(id) => void navigate(`/books/${id}/purpose`)}
          />
        </Suspense>
      )}
    </main>
  );
}
