import { useState } from 'react';
import { Link } from 'react-router';
import type { DaysView } from '../../api/client';
import { DayField } from './DayField';
import type { DayActs } from './Days';
import { daysAfter, withStep, withWanted } from './edits';
import { Steps } from './Steps';
import { Strip } from './Strip';

type Book = DaysView['books'][number];

interface Props {
  book: Book;
  view: DaysView;
  acts: DayActs;
}

/** A book among the days: when it is wanted and ready, its strip, and its steps where they are opened. */
export function BookDays({ book, view, acts }: Props) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  /** The first day from which a step is begun; its place is worked out anew from there. */
  const move = (step: Book['steps'][number], days: number) => {
    const from = step.beginsAt?.slice(0, 10);
    if (from) {
      const to = daysAfter(from, days);
      // back to today is as early as it goes
      const back = to <= view.today;
      setChosen(step.key);
      void acts.keep(book.id, withStep(book.days, step.key, { notBefore: back ? null : `${to}T00:00` }));
    }
  };
  return (
    <article className="days-book" aria-label={book.name}>
      <div className="days-book-head">
        <h3>
          <Link to={`/books/${book.id}`}>{book.name}</Link>
        </h3>
        <button
          type="button"
          className="days-book-open"
          aria-expanded={open}
          aria-label={`Steps of ${book.name}`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Put its steps away' : 'Its steps'}
        </button>
        <span className="days-book-wanted">
          <DayField
            label="Wanted by"
            day={book.wanted ?? null}
            today={view.today}
            take={(day) => acts.keep(book.id, withWanted(book.days, day))}
          />
        </span>
        <p className="days-book-ready">
          {book.ready ? <>Ready {book.ready}</> : 'Nothing is left to do.'}
          {book.late && <strong>{book.late}</strong>}
          {!book.late && book.begin && <span>next step by {book.begin} at the latest</span>}
        </p>
        {book.help.length > 0 && (
          <ul className="days-book-help">
            {book.help.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        )}
      </div>
      <Strip
        book={book}
        view={view}
        chosen={chosen}
        choose={(step) => {
          setChosen(step);
          setOpen(true);
        }}
        move={move}
      />
      {open && <Steps book={book} today={view.today} chosen={chosen} acts={acts} />}
    </article>
  );
}
