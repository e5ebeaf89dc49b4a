import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, failure, outcome, value, type Outcome, type SupplyView } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { CutTable } from './CutTable';
import { KnifeChoice } from './KnifeChoice';
import { ToBuy } from './ToBuy';
import './shopping.css';

/** What the books on the bench want: what is to be bought, and what is cut from several sheets at once. */
export default function Shopping() {
  const [search, setSearch] = useSearchParams();
  const books = search.getAll('book');
  const client = useQueryClient();
  const [said, setSaid] = useState<string | null>(null);
  const supplies = useQuery({
    queryKey: ['supplies', books],
    queryFn: () => value(api.GET('/api/supplies', { params: { query: { books } } })),
    placeholderData: (before) => before,
  });
  useEffect(() => {
    document.title = 'Shopping · Itomichi';
  }, []);
  const act = async (request: Promise<Outcome<unknown>>, done: string) => {
    const result = await request;
    setSaid(result.kind === 'value' ? done : `${failure(result)} Nothing was changed.`);
    await client.invalidateQueries({ queryKey: ['supplies'] });
    await client.invalidateQueries({ queryKey: ['drawer'] });
  };
  /** What no knife is like is said at its field. */
  const keepKnife = async (body: { reachMm?: number; leastStripMm: number }) => {
    const result = await outcome(api.PUT('/api/supplies/knife', { body }));
    if (result.kind !== 'value') {
      return failure(result);
    }
    await act(Promise.resolve(result), 'The cuts are laid for this knife.');
    return null;
  };
  const { data } = supplies;
  return (
    <main id="place" className="drawers">
      <div className="drawers-top">
        <Link to="/" className="book-back">
          Bench
        </Link>
        <h1>Shopping and cutting</h1>
      </div>
      {supplies.isError && <ErrorNote message={supplies.error.message} again={() => void supplies.refetch()} />}
      {supplies.isPending && !supplies.isError && <Waiting what="Going through the drawers" />}
      {data && (
        <div className="shopping-parts">
          <aside aria-label="What is looked at">
            <BookChoice supplies={data} choose={(ids) => setSearch({ book: ids })} />
            <KnifeChoice knife={data.knife} keep={keepKnife} />
            <Last
              supplies={data}
              undo={(id, words) =>
                void act(
                  outcome(api.POST('/api/supplies/acts/{id}/undo', { params: { path: { id } } })),
                  `Undone: ${words}.`,
                )
              }
            />
          </aside>
          <div>
            <p role="status" className="shopping-said">
              {said}
            </p>
            <ToBuy
              supplies={data}
              books={books}
              bought={(thing, number, words) =>
                void act(
                  outcome(api.POST('/api/supplies/bought', { body: { thing, number } })),
                  `${words} laid into the drawer.`,
                )
              }
            />
            {data.tables.map((table) => (
              <CutTable
                key={table.thing}
                table={table}
                cut={() =>
                  void act(
                    outcome(
                      api.POST('/api/supplies/cut', {
                        body: { thing: table.thing, books: table.books, sheets: table.sheets + table.offcuts },
                      }),
                    ),
                    `Cut from ${table.name}: taken out of the drawer, off-cuts laid in.`,
                  )
                }
              />
            ))}
            <Unsettled supplies={data} />
          </div>
        </div>
      )}
    </main>
  );
}

function BookChoice({ supplies, choose }: { supplies: SupplyView; choose: (ids: string[]) => void }) {
  const { books } = supplies;
  const looked = books.filter((book) => book.looked).map((book) => book.id);
  if (books.length === 0) {
    return <p>No book is on the bench.</p>;
  }
  return (
    <section aria-label="For which books">
      <h2>For</h2>
      <ul className="shopping-books">
        {books.map((book) => (
          <li key={book.id}>
            <Checkbox
              checked={book.looked}
              disabled={book.looked && looked.length === 1}
              onChange={(event) =>
                choose(event.target.checked ? [...looked, book.id] : looked.filter((id) => id !== book.id))
              }
            >
              {book.name}
            </Checkbox>
          </li>
        ))}
      </ul>
      {supplies.more && <p className="field-help">The {books.length} changed last; more are on the bench.</p>}
      {looked.length < books.length && (
        <Button size="small" onClick={() => choose([])}>
          All on the bench
        </Button>
      )}
    </section>
  );
}

function Last({ supplies, undo }: { supplies: SupplyView; undo: (id: string, words: string) => void }) {
  if (supplies.acts.length === 0) {
    return null;
  }
  return (
    <section aria-label="Cut and bought last">
      <h2>Last</h2>
      <ul className="shopping-acts">
        {supplies.acts.map((one) => (
          <li key={one.id}>
            {one.words}{' '}
            <Button size="small" onClick={() => undo(one.id, one.words)} aria-label={`Undo: ${one.words}`}>
              Undo
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Unsettled({ supplies }: { supplies: SupplyView }) {
  if (supplies.unsettled.length === 0) {
    return null;
  }
  return (
    <section aria-label="Not settled yet">
      <h2>Not settled yet</h2>
      <ul className="shopping-open">
        {supplies.unsettled.map((one) => (
          <li key={`${one.book}-${one.stuff}`}>
            <Link to={`/books/${one.book}/cover`}>{one.bookName}</Link>: from which {one.words} its cover is cut.
          </li>
        ))}
      </ul>
    </section>
  );
}
