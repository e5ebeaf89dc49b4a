import { Button, Input } from 'antd';
import { useState } from 'react';
import type { DaysView } from '../../api/client';
import { useWords } from '../../units/unit';
import type { DayActs } from './Days';

type Book = DaysView['books'][number];
type Step = Book['steps'][number];

/** Ends that seem to be forgotten, of all books: they stand first, for nothing is planned well over them. */
export function ForgottenEnds({ books, acts }: { books: readonly Book[]; acts: DayActs }) {
  const words = useWords();
  const asked = books.flatMap((book) => book.steps.filter((step) => step.asks).map((step) => ({ book, step })));
  return asked.length === 0 ? null : (
    <section aria-label="Not ended" className="days-forgotten">
      <h2>Not ended</h2>
      {asked.map(({ book, step }) => (
        <p key={`${book.id}-${step.key}`}>
          {book.name}, {words(step.words).toLowerCase()}:{' '}
          <Forgotten book={book} step={step} name={`${book.name}, ${words(step.words)}`} acts={acts} />
        </p>
      ))}
    </section>
  );
}

/** An end that seems to be forgotten is asked for, not guessed. */
export function Forgotten({ book, step, name, acts }: { book: Book; step: Step; name: string; acts: DayActs }) {
  const [at, setAt] = useState('');
  return (
    <span className="day-step-asks">
      Begun {step.began} and not ended. When was that?
      <Input
        type="datetime-local"
        size="small"
        aria-label={`Ended: ${name}`}
        value={at}
        onChange={(event) => setAt(event.target.value)}
      />
      <Button size="small" disabled={at === ''} onClick={() => void acts.end(book.id, step.key, false, at)}>
        It was done then
      </Button>
      <Button size="small" disabled={at === ''} onClick={() => void acts.end(book.id, step.key, true, at)}>
        It was left then
      </Button>
    </span>
  );
}
