import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import type { DaysView } from '../../api/client';
import { TypedField } from '../../ui/TypedField';
import { useWords } from '../../units/unit';
import { DayField } from './DayField';
import type { DayActs } from './Days';
import { AddStep } from './AddStep';
import { withoutAdded, withStep, type StepSaid } from './edits';
import { Forgotten } from './Forgotten';
import { Presses } from './Presses';
import { readMinutes, readWait, showWait } from '../../ui/whole';

type Book = DaysView['books'][number];
type Step = Book['steps'][number];

interface Props {
  book: Book;
  today: string;
  chosen: string | null;
  acts: DayActs;
}

/** The steps of a book, each with when it is done and how long it takes. */
export function Steps({ book, today, chosen, acts }: Props) {
  return (
    <div className="day-steps">
      <ol aria-label={`Steps of ${book.name}`}>
        {book.steps.map((step) => (
          <StepLine key={step.key} book={book} today={today} step={step} chosen={step.key === chosen} acts={acts} />
        ))}
      </ol>
      <AddStep book={book} acts={acts} />
    </div>
  );
}

interface LineProps {
  book: Book;
  today: string;
  step: Step;
  chosen: boolean;
  acts: DayActs;
}

function StepLine({ book, today, step, chosen, acts }: LineProps) {
  const words = useWords();
  const line = useRef<HTMLLIElement>(null);
  const name = words(step.words);
  useEffect(() => {
    if (chosen) {
      line.current?.scrollIntoView({ block: 'nearest' });
    }
  }, [chosen]);
  const take = async (text: string, reader: typeof readMinutes, said: (minutes: number | null) => StepSaid) => {
    const typed = text.trim();
    const read = typed === '' ? null : reader(typed);
    return typeof read === 'string' ? read : acts.keep(book.id, withStep(book.days, step.key, said(read)));
  };
  const planning = step.state !== 'DONE' && !step.leftOut;
  return (
    <li ref={line} className={chosen ? 'day-step day-step-chosen' : 'day-step'} data-state={step.state}>
      <span className="day-step-words">
        {name}
        {step.lies && <em> (then it lies {step.lies})</em>}
        {planning && step.working && <Why of={step.working} name={name} />}
      </span>
      <span className="day-step-when">
        {step.leftOut ? 'left out' : step.state === 'DONE' ? done(step) : step.when}
        {step.state === 'BEGUN' && <strong>begun {step.began}</strong>}
        {step.state === 'LEFT' && <span>begun {step.began}, left for now</span>}
      </span>
      {planning && (
        <span className="day-step-times">
          <TypedField
            label={`Minutes: ${name}`}
            labelUnseen
            shown={String(step.minutes)}
            take={(text) => take(text, readMinutes, (minutes) => ({ minutes }))}
            help={step.usual !== undefined && step.usual !== null ? `planned: ${step.usual} min` : 'min'}
          />
          {step.liesMinutes !== undefined && step.liesMinutes !== null && (
            <TypedField
              label={`It lies: ${name}`}
              labelUnseen
              shown={showWait(step.liesMinutes)}
              take={(text) => take(text, readWait, (liesMinutes) => ({ liesMinutes }))}
              help={step.usualLies ? `it lies; planned: ${step.usualLies}` : 'it lies'}
            />
          )}
        </span>
      )}
      <span className="day-step-presses">
        {!step.leftOut && <Presses book={book.id} step={step.key} name={name} state={step.state} acts={acts} />}
        {step.state !== 'OPEN' && !step.by && (
          <Button
            size="small"
            onClick={() => void acts.forget(book.id, step.key)}
            aria-label={`Not begun after all: ${name}`}
          >
            Take back
          </Button>
        )}
        {step.state === 'OPEN' &&
          (step.own ? (
            <Button
              size="small"
              onClick={() => void acts.keep(book.id, withoutAdded(book.days, step.key))}
              aria-label={`Take out: ${name}`}
            >
              Take out
            </Button>
          ) : (
            <Button
              size="small"
              onClick={() => void acts.keep(book.id, withStep(book.days, step.key, { leftOut: !step.leftOut }))}
              aria-label={step.leftOut ? `Do it after all: ${name}` : `Leave out: ${name}`}
            >
              {step.leftOut ? 'Do it after all' : 'Leave out'}
            </Button>
          ))}
        {step.state === 'OPEN' && !step.leftOut && (
          <NotBefore book={book} today={today} step={step} name={name} acts={acts} />
        )}
      </span>
      {step.asks && <Forgotten book={book} step={step} name={name} acts={acts} />}
    </li>
  );
}

function done(step: Step): string {
  return step.ended ? `done ${step.ended}` : 'done';
}

/** The day from which a step is begun at the soonest. */
function NotBefore({ book, today, step, name, acts }: Omit<LineProps, 'chosen'> & { name: string }) {
  return (
    <span className="day-step-not-before">
      not before
      <DayField
        label={`Not before: ${name}`}
        labelUnseen
        day={step.notBefore?.slice(0, 10) ?? null}
        today={today}
        take={(day) => acts.keep(book.id, withStep(book.days, step.key, { notBefore: day ? `${day}T00:00` : null }))}
      />
    </span>
  );
}

/** How a step's minutes came about, and between what they may come out. */
function Why({ of, name }: { of: NonNullable<Step['working']>; name: string }) {
  const words = useWords();
  return (
    <details className="day-step-why">
      <summary aria-label={`Why so long: ${name}`}>
        {of.range ? `${words(of.range.low)} to ${words(of.range.high)}` : 'how long'}
      </summary>
      <p className="number">{of.formula}</p>
      <p className="number">{words(of.sum)}</p>
      <ul>
        {of.terms.map((term) => (
          <li key={term.symbol}>
            {term.symbol}: {term.meaning}, <span className="number">{words(term.value)}</span>
          </li>
        ))}
      </ul>
      {of.notes.map((note) => (
        <p key={note.mm}>{words(note)}</p>
      ))}
      <p>Source: {of.source}.</p>
    </details>
  );
}
