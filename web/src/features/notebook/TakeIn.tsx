import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, failure, outcome, value, type BookOffer, type LearnedHabit } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { WhatChanges } from '../../ui/WhatChanges';
import { useWords } from '../../units/unit';

/** Books in work that could be planned by what a habit teaches, or are: each with what a press changes, before it is pressed. */
export function TakeIn({ habit }: { habit: LearnedHabit }) {
  const client = useQueryClient();
  const [said, setSaid] = useState<string | null>(null);
  const books = useQuery({
    queryKey: ['learned', 'books', habit.key],
    queryFn: () => value(api.GET('/api/learned/books', { params: { query: { habit: habit.key } } })),
    placeholderData: (before) => before,
  });
  const take = async (one: BookOffer, taken: boolean) => {
    const { book, version } = one;
    const result = await outcome(api.PUT('/api/learned/taken', { body: { book, version, habit: habit.key, taken } }));
    setSaid(
      result.kind === 'conflict'
        ? `“${one.name}” was changed meanwhile; look again what it would change.`
        : result.kind === 'value'
          ? null
          : failure(result),
    );
    await client.invalidateQueries();
  };
  if (books.isError) {
    return <ErrorNote message={books.error.message} again={() => void books.refetch()} />;
  }
  if (!books.data) {
    return <Waiting what="Planning the books in work by it" />;
  }
  return (
    <div className="take-in">
      <p role="status" className="page-said">
        {said}
      </p>
      {books.data.length === 0 && <p>No book in work shows this habit.</p>}
      <ul>
        {books.data.map((one) => (
          <OneBook key={one.book} one={one} take={(taken) => void take(one, taken)} />
        ))}
      </ul>
    </div>
  );
}

function OneBook({ one, take }: { one: BookOffer; take: (taken: boolean) => void }) {
  const words = useWords();
  const { taken, taking, back } = one.offer;
  return (
    <li>
      <p>
        <Link to={`/books/${one.book}`}>{one.name}</Link>
        {taken && (
          <>
            {' '}
            is planned by <span className="number">{words(taken.median.words)}</span>, of {taken.count} books.
          </>
        )}
      </p>
      {taking && (
        <>
          <WhatChanges change={taking} />
          <Button size="small" aria-label={`Plan by it: ${one.name}`} onClick={() => take(true)}>
            Plan by it
          </Button>
        </>
      )}
      {back && (
        <Button size="small" aria-label={`Back to the usual: ${one.name}`} onClick={() => take(false)}>
          Back to the usual
        </Button>
      )}
    </li>
  );
}
