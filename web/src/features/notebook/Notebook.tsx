import { useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useEffect } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, value, type NotebookView } from '../../api/client';
import { standingScale } from '../../drawing/bench/geometry';
import { PlannedBook } from '../../drawing/bench/PlannedBook';
import { SelectField } from '../../ui/choices';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { TypedField } from '../../ui/TypedField';
import { Workshop } from './Workshop';
import './notebook.css';

const FIELDS = ['words', 'structure', 'paper', 'since', 'until'] as const;

/** All books with a page each, found by words, structure, paper and date. */
export default function Notebook() {
  const [search, setSearch] = useSearchParams();
  const wanted = Object.fromEntries(FIELDS.map((field) => [field, search.get(field) ?? ''])) as Record<
    (typeof FIELDS)[number],
    string
  >;
  const from = Math.max(0, Number(search.get('from')) || 0);
  const found = useQuery({
    queryKey: ['notebook', wanted, from],
    queryFn: () => value(api.GET('/api/notebook', { params: { query: { ...wanted, from } } })),
    placeholderData: (before) => before,
  });
  useEffect(() => {
    document.title = 'Notebook · Itomichi';
  }, []);
  const set = (field: (typeof FIELDS)[number], text: string) => {
    const next = new URLSearchParams(search);
    next.delete('from');
    if (text) {
      next.set(field, text);
    } else {
      next.delete(field);
    }
    setSearch(next, { replace: true });
  };
  const takeDay = (field: 'since' | 'until', text: string): Promise<string | null> => {
    const typed = text.trim();
    if (typed !== '' && !/^\d{4}-\d{2}-\d{2}$/.test(typed)) {
      return Promise.resolve(`Read “${typed}”; a day as 2026-03-05 is wanted.`);
    }
    set(field, typed);
    return Promise.resolve(null);
  };
  const part = (at: number) => {
    const next = new URLSearchParams(search);
    next.set('from', String(at));
    setSearch(next);
  };
  const structures = (found.data?.structures ?? []).map((one) => ({ value: one.key, label: one.name }));
  const any = FIELDS.some((field) => wanted[field]);
  return (
    <main id="place" className="drawers">
      <div className="drawers-top">
        <Link to="/" className="book-back">
          Bench
        </Link>
        <h1>Notebook</h1>
        <Link to="/learned" className="notebook-learned">
          What it taught
        </Link>
      </div>
      <form className="notebook-find" aria-label="Find a page" onSubmit={(event) => event.preventDefault()}>
        <div className="field notebook-for">
          <label htmlFor="notebook-words">Words</label>
          <Input
            id="notebook-words"
            value={wanted.words}
            allowClear
            placeholder="in name, purpose, notes"
            onChange={(event) => set('words', event.target.value)}
          />
        </div>
        <SelectField
          label="Sewn as"
          value={wanted.structure}
          options={[{ value: '', label: 'anything' }, ...structures]}
          choose={(structure) => set('structure', structure)}
        />
        <div className="field">
          <label htmlFor="notebook-paper">Paper</label>
          <Input
            id="notebook-paper"
            value={wanted.paper}
            placeholder="any paper"
            allowClear
            onChange={(event) => set('paper', event.target.value)}
          />
        </div>
        <TypedField
          label="Finished from"
          shown={wanted.since}
          empty="any day"
          take={(text) => takeDay('since', text)}
        />
        <TypedField label="to" shown={wanted.until} empty="any day" take={(text) => takeDay('until', text)} />
        <Button href={`/api/notebook.csv?${new URLSearchParams(wanted).toString()}`}>Take the numbers as CSV</Button>
      </form>
      {found.isError && <ErrorNote message={found.error.message} again={() => void found.refetch()} />}
      {found.isPending && !found.isError && <Waiting what="Opening the notebook" />}
      {found.data && (
        <>
          <p role="status" className="notebook-count">
            {found.data.all === 0
              ? any
                ? 'No page has all of that.'
                : 'No book has a page yet: each gets one as soon as it is begun.'
              : found.data.all === 1
                ? 'One page'
                : `${found.data.all} pages`}
          </p>
          <Rows found={found.data} />
          {(from > 0 || from + found.data.pages.length < found.data.all) && (
            <p className="page-presses">
              {from > 0 && <Button onClick={() => part(Math.max(0, from - 48))}>Later ones</Button>}
              {from + found.data.pages.length < found.data.all && (
                <Button onClick={() => part(from + found.data.pages.length)}>Earlier ones</Button>
              )}
            </p>
          )}
        </>
      )}
      <Workshop />
    </main>
  );
}

/** Height of the tallest of the books beside their words, CSS pixels. */
const TALL = 84;

function Rows({ found }: { found: NotebookView }) {
  const scale = standingScale(
    found.pages.map((row) => row.looks),
    TALL,
    0.45,
  );
  return (
    <ol className="notebook-rows">
      {found.pages.map((row) => (
        <li key={row.id} className="notebook-row">
          <div className="shelved" style={{ height: TALL + 4 }}>
            <PlannedBook book={row.looks} scale={scale} there={Boolean(row.finished)} />
          </div>
          <div className="notebook-words">
            <h2>
              <Link to={`/notebook/${row.id}`}>{row.name}</Link>
            </h2>
            <p className="notebook-told">
              {row.structure}, of {row.papers.join(', ')}
            </p>
            <p className="notebook-day">{row.finished ?? 'in work'}</p>
            {row.begins && <p className="notebook-begins">{row.begins}</p>}
          </div>
          <div className="notebook-picture">
            {row.picture && <img src={`/api/pictures/${row.picture}?small=true`} alt="" loading="lazy" />}
          </div>
        </li>
      ))}
    </ol>
  );
}
