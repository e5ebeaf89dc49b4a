import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, failure, outcome, value, type DaysDocument, type HoursDocument, type Outcome } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { AtBench } from './AtBench';
import { ForgottenEnds } from './Forgotten';
import { BookDays } from './BookDays';
import { Hours } from './Hours';
import { DayNames } from './Strip';
import './days.css';

/** What is done with the days of a book; each answers with one line where it is refused. */
export interface DayActs {
  begin: (book: string, step: string) => Promise<string | null>;
  end: (book: string, step: string, left: boolean, at?: string) => Promise<string | null>;
  forget: (book: string, step: string) => Promise<string | null>;
  keep: (book: string, days: DaysDocument) => Promise<string | null>;
}

/** When what is done on which book: the next time at the bench, all the days, and when there is a hand. */
export default function Days() {
  const client = useQueryClient();
  const [said, setSaid] = useState<string | null>(null);
  const days = useQuery({
    queryKey: ['days'],
    queryFn: () => value(api.GET('/api/days')),
    placeholderData: (before) => before,
  });
  useEffect(() => {
    document.title = 'Days · Itomichi';
  }, []);
  const act = async (request: Promise<Outcome<unknown>>) => {
    const result = await request;
    const line = result.kind === 'value' ? null : failure(result);
    setSaid(line);
    await client.invalidateQueries({ queryKey: ['days'] });
    return line;
  };
  const path = (id: string, step: string) => ({ params: { path: { id, step } } });
  const acts: DayActs = {
    begin: (id, step) => act(outcome(api.POST('/api/books/{id}/days/{step}/begin', path(id, step)))),
    end: (id, step, left, at) =>
      act(
        outcome(
          api.POST('/api/books/{id}/days/{step}/end', { ...path(id, step), body: { left, ...(at ? { at } : {}) } }),
        ),
      ),
    forget: (id, step) => act(outcome(api.DELETE('/api/books/{id}/days/{step}', path(id, step)))),
    keep: (id, body) => act(outcome(api.PUT('/api/books/{id}/days', { params: { path: { id } }, body }))),
  };
  const keepHours = (body: HoursDocument) => act(outcome(api.PUT('/api/days/hours', { body })));
  const { data } = days;
  return (
    <main id="place" className="drawers">
      <div className="drawers-top">
        <Link to="/" className="book-back">
          Bench
        </Link>
        <h1>Days at the bench</h1>
      </div>
      {days.isError && <ErrorNote message={days.error.message} again={() => void days.refetch()} />}
      {days.isPending && !days.isError && <Waiting what="Laying out the days" />}
      {data && (
        <div className="days">
          <p role="status" className="days-said">
            {said}
          </p>
          {data.trouble && <p className="days-trouble">{data.trouble}</p>}
          <ForgottenEnds books={data.books} acts={acts} />
          <AtBench next={data.next ?? null} acts={acts} />
          <section aria-label="All the days" className="days-all">
            <h2>All the days</h2>
            {data.books.length === 0 ? (
              <p>No book is on the bench.</p>
            ) : (
              <>
                <DayNames days={data.days} />
                {data.books.map((book) => (
                  <BookDays key={book.id} book={book} view={data} acts={acts} />
                ))}
                <Legend />
              </>
            )}
            {data.more && (
              <p className="days-note">The {data.books.length} books changed last; more are on the bench.</p>
            )}
          </section>
          <Hours view={data} keep={keepHours} />
          <section aria-label="Calendar">
            <h2>Calendar</h2>
            <p>
              <Button size="small" href="/api/days.ics" download="bench - days.ics">
                Take it as a calendar file
              </Button>{' '}
              A calendar program on this machine reads it again by itself at{' '}
              <code className="days-address">{`${window.location.origin}/api/days.ics`}</code>
            </p>
          </section>
        </div>
      )}
    </main>
  );
}

function Legend() {
  return (
    <p className="days-legend">
      <span>
        <i className="days-key days-key-hand" aria-hidden="true" /> a hand is on it
      </span>
      <span>
        <i className="days-key days-key-lies" aria-hidden="true" /> it lies
      </span>
      <span>
        <i className="days-key days-key-wanted" aria-hidden="true" /> end of the day it is wanted
      </span>
      <span>
        Nights are drawn narrower than hours at the bench. Press a bar to see its step; drag it to another day.
      </span>
    </p>
  );
}
