import { Button, Input } from 'antd';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { benchScale } from '../../drawing/bench/geometry';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { useSize } from '../../ui/useSize';
import { FileIn } from './FileIn';
import { inOneLine, tableRoom } from './room';
import { Now } from './Now';
import { Shelf } from './Shelf';
import { Table } from './Table';
import { useBooks, type Stage } from './useBench';
import { useActs } from './useActs';
import { Waits } from './Waits';
import { WaysToBegin } from './WaysToBegin';
import { wayNamed } from './ways';
import './bench.css';

const NewBook = lazy(() => import('./NewBook'));

/** Fewer books than these are seen at a glance, and need no sorting out. */
const SORTED_OUT = 7;

/** The start: books in work on the table, finished ones on the shelf above, what is to be known before a hand is on anything. */
export function Bench() {
  const [search, setSearch] = useSearchParams();
  const [find, setFind] = useState('');
  const [stage, setStage] = useState<Stage>();
  const [wholeShelf, setWholeShelf] = useState(false);
  const finder = useRef<{ focus: () => void }>(null);
  const place = useRef<HTMLElement>(null);
  const { width } = useSize(place);
  const navigate = useNavigate();
  const table = useBooks({ find, onShelf: false, stage });
  const finished = useBooks({ find, onShelf: true });
  const { said, say, acts } = useActs();
  const { parts } = table;
  const inWork = table.stages.reduce((sum, one) => sum + one.books, 0);
  const empty = inWork === 0 && finished.all === 0 && !find;

  useEffect(() => {
    document.title = 'Bench · Itomichi';
  }, []);
  useEffect(() => {
    if (search.get('find')) {
      finder.current?.focus();
      setSearch({}, { replace: true });
    }
  }, [search, setSearch]);

  // what is in work stays in sight; who looks for something looks on the whole shelf
  const line = inOneLine(width);
  const whole = wholeShelf || find !== '' || finished.all <= line;
  const shelved = whole ? finished.books : finished.books.slice(0, line);
  const room = tableRoom(width, inWork);
  const scale = benchScale(
    [...table.books, ...shelved].map((book) => book.looks),
    room.drawing,
    room.most,
  );
  const begin = (way: string) => setSearch({ begin: way });

  return (
    <main id="place" className="bench" ref={place}>
      <div className="bench-top">
        <h1>On the bench</h1>
        {!empty && (
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
        )}
        <FileIn loaded={(id) => void navigate(`/books/${id}/purpose`)} say={(text) => say({ text })} />
        <Button type="primary" onClick={() => begin('yes')}>
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
          <Now />
          {shelved.length > 0 && (
            <Shelf
              books={shelved}
              all={finished.all}
              scale={scale}
              acts={acts}
              more={whole ? finished.more : () => setWholeShelf(true)}
              fewer={wholeShelf && finished.all > line ? () => setWholeShelf(false) : undefined}
            />
          )}
          {inWork >= SORTED_OUT && <Waits stages={table.stages} chosen={stage} choose={setStage} />}
          {table.books.length > 0 ? (
            <Table {...table} scale={scale} place={room.place} acts={acts} alone={inWork === 1} />
          ) : (
            <p className="table-empty">
              {find
                ? `No book in work has “${find}” in its name or purpose.`
                : stage
                  ? 'No book waits there any more.'
                  : 'Nothing is in work.'}
            </p>
          )}
          {inWork <= 1 && !find && <WaysToBegin begin={begin} />}
        </>
      )}
      {search.get('begin') && (
        <Suspense>
          <NewBook
            way={wayNamed(search.get('begin'))}
            close={() => setSearch({}, { replace: true })}
            begun={(id) => void navigate(`/books/${id}/purpose`)}
          />
        </Suspense>
      )}
    </main>
  );
}
