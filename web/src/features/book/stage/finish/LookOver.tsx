import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, failure, outcome, value, type CheckView, type Outcome, type Stage } from '../../../../api/client';
import { readLength } from '../../../../api/reading';
import { useSession } from '../../../../state/useSession';
import { ErrorNote, Waiting } from '../../../../ui/ErrorNote';
import { keptPaper } from '../../../../ui/printing';
import { TypedField } from '../../../../ui/TypedField';
import { useUnit, useWords } from '../../../../units/unit';
import { STAGES } from '../../../../ui/stages';
import './finish.css';

interface Acts {
  seen: (key: string, good: boolean) => void;
  measured: (key: string, text: string) => Promise<string | null>;
  forget: (key: string) => void;
  tolerate: (key: string, text: string) => Promise<string | null>;
}

/**
 * What practitioners look at and measure at the end of each stage, and what was found on this book: of one stage before it is gone on from,
 * or of all of them.
 */
export function LookOver({ of }: { of?: Stage }) {
  const { state } = useSession();
  const client = useQueryClient();
  const { unit } = useUnit();
  const [said, setSaid] = useState<string | null>(null);
  const { id, version } = state.view;
  const look = useQuery({
    queryKey: ['look', id, version],
    queryFn: () => value(api.GET('/api/books/{id}/look', { params: { path: { id } } })),
    placeholderData: (before) => before,
  });
  const path = (key: string) => ({ params: { path: { id, key } } });
  const done = async (request: Promise<Outcome<unknown>>) => {
    const result = await request;
    await client.invalidateQueries({ queryKey: ['look', id] });
    return result.kind === 'value' ? null : failure(result);
  };
  const acts: Acts = {
    seen: (key, good) =>
      void done(outcome(api.PUT('/api/books/{id}/look/{key}', { ...path(key), body: { good } }))).then(setSaid),
    measured: async (key, text) => {
      const read = await readLength(text, unit);
      if (read.kind !== 'value') {
        return failure(read);
      }
      const body = { measuredMm: read.value.mm, good: false };
      return done(outcome(api.PUT('/api/books/{id}/look/{key}', { ...path(key), body })));
    },
    tolerate: async (key, text) => {
      const tolerance = (body: { toleranceMm?: number }) =>
        done(outcome(api.PUT('/api/books/{id}/look/{key}/tolerance', { ...path(key), body })));
      if (text.trim() === '') {
        return tolerance({});
      }
      const read = await readLength(text, unit);
      return read.kind === 'value' ? tolerance({ toleranceMm: read.value.mm }) : failure(read);
    },
    forget: (key) => void done(outcome(api.DELETE('/api/books/{id}/look/{key}', path(key)))).then(setSaid),
  };
  if (look.isError) {
    return <ErrorNote message={look.error.message} again={() => void look.refetch()} />;
  }
  const list = look.data?.filter((one) => !of || one.stage === of) ?? [];
  if (!look.data || list.length === 0) {
    return of ? null : <Waiting what="Getting the list" />;
  }
  const open = list.filter((one) => !one.found).length;
  const bad = list.filter((one) => one.found && !one.found.good).length;
  return (
    <section className="look-over" aria-label="Look it over">
      <h2>{of ? 'Look it over before you go on' : 'Look it over'}</h2>
      <p className="look-over-sum">
        {open === 0 ? 'Everything was looked at' : `${open} of ${list.length} still to look at`}
        {bad > 0 ? `; ${bad} not good.` : '.'}{' '}
        {!of && (
          <Button size="small" href={`/api/books/${id}/look.pdf?paper=${keptPaper()}`} target="_blank">
            Print it as a slip
          </Button>
        )}
      </p>
      <p role="status" className="look-over-said">
        {said}
      </p>
      {STAGES.map((stage) => {
        const here = list.filter((one) => one.stage === stage.key);
        return (
          here.length > 0 && (
            <section key={stage.key} aria-label={stage.name}>
              {!of && <h3>{stage.name}</h3>}
              <ul>
                {here.map((one) => (
                  <Line key={one.key} one={one} acts={acts} />
                ))}
              </ul>
            </section>
          )
        );
      })}
    </section>
  );
}

function Line({ one, acts }: { one: CheckView; acts: Acts }) {
  const words = useWords();
  const { measure, found } = one;
  const name = words(one.look);
  return (
    <li>
      <div className="look-line">
        <span>{name}</span>
        {measure ? (
          <TypedField
            label={`Measured: ${name}`}
            labelUnseen
            shown={found?.measured ? words(found.measured) : ''}
            empty="not measured"
            take={(text) => {
              if (text.trim() === '') {
                acts.forget(one.key);
                return Promise.resolve(null);
              }
              return acts.measured(one.key, text);
            }}
            help={`${words(measure.planned)} planned, good from ${words(measure.low)} to ${words(measure.high)}`}
            measured
          />
        ) : (
          <span className="look-presses">
            <Button
              size="small"
              aria-pressed={found?.good === true}
              aria-label={`Good: ${name}`}
              onClick={() => (found?.good ? acts.forget(one.key) : acts.seen(one.key, true))}
            >
              Good
            </Button>
            <Button
              size="small"
              aria-pressed={found?.good === false}
              aria-label={`Not good: ${name}`}
              onClick={() => (found?.good === false ? acts.forget(one.key) : acts.seen(one.key, false))}
            >
              Not good
            </Button>
          </span>
        )}
      </div>
      {measure && (
        <details className="look-tolerance">
          <summary>{measure.own ? 'your own tolerance' : 'tolerance by common practice'}</summary>
          <TypedField
            label="Good is so much more or less, on every book"
            shown={words(measure.tolerance)}
            empty="common practice"
            take={(text) => acts.tolerate(one.key, text)}
            help={measure.own ? 'emptied, common practice holds again' : ''}
          />
        </details>
      )}
      {found && !found.good && (
        <p className="look-bad">
          <strong>Not good.</strong> {words(one.mend)} <span>Left so: {words(one.later)}</span>
        </p>
      )}
    </li>
  );
}
