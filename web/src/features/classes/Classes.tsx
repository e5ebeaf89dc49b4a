import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, failure, outcome, value, type Looks } from '../../api/client';
import { standingScale } from '../../drawing/bench/geometry';
import { PlannedBook } from '../../drawing/bench/PlannedBook';
import { SelectField } from '../../ui/choices';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { said } from './when';
import './classes.css';

/** The classes there are, and a new one begun from a book on the bench. */
export default function Classes() {
  const classes = useQuery({ queryKey: ['classes'], queryFn: () => value(api.GET('/api/classes')) });
  useEffect(() => {
    document.title = 'Classes · Itomichi';
  }, []);
  return (
    <main id="place" className="drawers classes">
      <div className="drawers-top">
        <Link to="/" className="book-back">
          Bench
        </Link>
        <h1>Classes</h1>
      </div>
      {classes.isError && <ErrorNote message={classes.error.message} again={() => void classes.refetch()} />}
      {classes.isPending && !classes.isError && <Waiting what="Fetching the classes" />}
      {classes.data && (
        <>
          {classes.data.length === 0 && (
            <p>A class makes one book together: say which, how long and with whom, and it is told whether it fits.</p>
          )}
          <ul className="class-list">
            {classes.data.map((one) => (
              <li key={one.id} className="class-line">
                <ToMake looks={one.looks} />
                <div>
                  <Link to={`/classes/${one.id}`}>{one.name}</Link>
                  <p>
                    {one.people} {one.people === 1 ? 'person' : 'people'}
                    {one.begins && `, ${said(one.begins)}`}
                  </p>
                  <p>Makes {one.book}</p>
                </div>
              </li>
            ))}
          </ul>
          <Begin />
        </>
      )}
    </main>
  );
}

/** Height of a book that a class makes, CSS pixels. */
const TALL = 110;

/** The book as it will be. */
function ToMake({ looks }: { looks?: Looks }) {
  return (
    <div className="shelved" style={{ height: TALL + 4 }}>
      {looks && <PlannedBook book={looks} scale={standingScale([looks], TALL, 0.8)} />}
    </div>
  );
}

/** A class begins with what it makes. */
function Begin() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [book, setBook] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const books = useQuery({ queryKey: ['class-books'], queryFn: () => value(api.GET('/api/books')) });
  const there = books.data?.books ?? [];
  const chosen = there.find((one) => one.id === book) ?? there[0];
  const begin = async () => {
    if (!chosen) {
      return;
    }
    const result = await outcome(
      api.POST('/api/classes', {
        body: {
          name: `Class: ${chosen.name}`.slice(0, 80),
          bookId: chosen.id,
          minutes: 180,
          people: 8,
          helpers: 0,
          hands: 'NEW',
          atTable: 4,
          ahead: [],
          sparePercent: 10,
          brings: '',
        },
      }),
    );
    setWrong(result.kind === 'value' ? null : failure(result));
    if (result.kind === 'value') {
      await client.invalidateQueries({ queryKey: ['classes'] });
      void navigate(`/classes/${result.value.id}`);
    }
  };
  return (
    <section className="class-begin" aria-label="A new class">
      <h2>A new class</h2>
      {chosen ? (
        <div className="class-begun">
          <ToMake looks={chosen.looks} />
          <div>
            <SelectField
              label="It makes"
              value={chosen.id}
              options={there.map((one) => ({ value: one.id, label: one.name }))}
              choose={setBook}
            />
            <p className="acts">
              <Button type="primary" onClick={() => void begin()}>
                Begin the class
              </Button>
            </p>
          </div>
        </div>
      ) : (
        <p>
          No book is on the bench that a class could make. <Link to="/">Begin one</Link>
        </p>
      )}
      {wrong && (
        <p className="class-wrong" role="alert">
          {wrong}
        </p>
      )}
    </section>
  );
}
