import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, value, type PatternView } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { PatternDesk } from './PatternDesk';
import { blank } from './pattern';
import './patterns.css';

type Open = { kind: 'kept'; pattern: PatternView } | { kind: 'new'; side: boolean };

/** The binder's own patterns: a gallery, and the desk where one is drawn. */
export default function Patterns() {
  const patterns = useQuery({ queryKey: ['patterns'], queryFn: () => value(api.GET('/api/patterns')) });
  const [open, setOpen] = useState<Open | null>(null);
  useEffect(() => {
    document.title = 'Patterns · Itomichi';
  }, []);
  if (patterns.error) {
    return (
      <main id="place" className="patterns">
        <ErrorNote message={patterns.error.message} again={() => void patterns.refetch()} />
      </main>
    );
  }
  if (!patterns.data) {
    return <Waiting what="Fetching the patterns" />;
  }
  const shown: Open | null =
    open ?? (patterns.data[0] ? { kind: 'kept', pattern: patterns.data[0] } : { kind: 'new', side: false });
  const kept = shown?.kind === 'kept' ? patterns.data.find((one) => one.id === shown.pattern.id) : undefined;
  return (
    <main id="place" className="patterns">
      <div className="patterns-list">
        <Link to="/" className="book-back">
          Bench
        </Link>
        <h1>Own patterns</h1>
        <ul>
          {patterns.data.map((one) => (
            <li key={one.id}>
              <button
                type="button"
                className={kept?.id === one.id ? 'pattern-name pattern-open' : 'pattern-name'}
                aria-pressed={kept?.id === one.id}
                onClick={() => setOpen({ kind: 'kept', pattern: one })}
              >
                {one.name}
                <span>
                  {one.pattern.side ? 'through the side' : 'through the fold'}, {one.pattern.holes.length} holes
                </span>
              </button>
            </li>
          ))}
        </ul>
        <p className="patterns-new">
          <Button size="small" onClick={() => setOpen({ kind: 'new', side: false })}>
            Draw one for a fold
          </Button>{' '}
          <Button size="small" onClick={() => setOpen({ kind: 'new', side: true })}>
            Draw one for the side
          </Button>
        </p>
      </div>
      {shown && (
        <PatternDesk
          key={kept ? `${kept.id}.${kept.version}` : `new.${shown.kind === 'new' && shown.side}`}
          kept={kept}
          start={kept?.pattern ?? blank(shown.kind === 'new' && shown.side)}
          changed={async (id) => {
            const fresh = await patterns.refetch();
            const one = fresh.data?.find((pattern) => pattern.id === id);
            setOpen(one ? { kind: 'kept', pattern: one } : null);
          }}
        />
      )}
    </main>
  );
}
