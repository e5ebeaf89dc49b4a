import { Button, Input } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { DaysView } from '../../api/client';
import { SelectField } from '../../ui/choices';
import { TypedField } from '../../ui/TypedField';
import { useWords } from '../../units/unit';
import { DayField } from './DayField';
import type { DayActs } from './Days';
import { withAdded, withoutAdded, withStep, type StepAdded } from './edits';
import { Presses } from './Presses';
import { readMinutes } from '../../ui/whole';

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
  const minutes = async (text: string) => {
    const typed = text.trim();
    if (typed === '') {
      return acts.keep(book.id, withStep(book.days, step.key, { minutes: null }));
    }
    const read = readMinutes(typed);
    return typeof read === 'string' ? read : acts.keep(book.id, withStep(book.days, step.key, { minutes: read }));
  };
  return (
    <li ref={line} className={chosen ? 'day-step day-step-chosen' : 'day-step'} data-state={step.state}>
      <span className="day-step-words">
        {name}
        {step.lies && <em> (then it lies {step.lies})</em>}
      </span>
      <span className="day-step-when">
        {step.leftOut ? 'left out' : step.state === 'DONE' ? done(step) : step.when}
        {step.state === 'BEGUN' && <strong>begun {step.began}</strong>}
        {step.state === 'LEFT' && <span>begun {step.began}, left for now</span>}
      </span>
      {step.state !== 'DONE' && !step.leftOut && (
        <TypedField
          label={`Minutes: ${name}`}
          labelUnseen
          shown={String(step.minutes)}
          take={minutes}
          help={step.usual !== undefined && step.usual !== null ? `planned: ${step.usual} min` : 'min'}
        />
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

/** An end that seems to be forgotten is asked for, not guessed. */
function Forgotten({ book, step, name, acts }: { book: Book; step: Step; name: string; acts: DayActs }) {
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

const LYING: readonly { value: StepAdded['lying']; label: string }[] = [
  { value: 'NOT', label: 'it does not lie after it' },
  { value: 'AN_HOUR', label: 'then an hour under a weight' },
  { value: 'OVERNIGHT', label: 'then overnight under a weight' },
];

/** A step of one's own. */
function AddStep({ book, acts }: { book: Book; acts: DayActs }) {
  const words = useWords();
  const [what, setWhat] = useState('');
  const [minutes, setMinutes] = useState('20');
  const [after, setAfter] = useState('');
  const [lying, setLying] = useState<StepAdded['lying']>('NOT');
  const [wrong, setWrong] = useState<string | null>(null);
  const add = async () => {
    const read = readMinutes(minutes);
    if (typeof read === 'string') {
      setWrong(read);
      return;
    }
    const line = await acts.keep(
      book.id,
      withAdded(book.days, { words: what, minutes: read, lying, ...(after ? { after } : {}) }),
    );
    setWrong(line);
    if (line === null) {
      setWhat('');
    }
  };
  return (
    <form
      className="add-step"
      aria-label={`A step more for ${book.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <label>
        A step more
        <Input value={what} maxLength={200} onChange={(event) => setWhat(event.target.value)} />
      </label>
      <label>
        Minutes
        <Input value={minutes} onChange={(event) => setMinutes(event.target.value)} />
      </label>
      <SelectField
        label="After"
        value={after}
        options={[
          { value: '', label: 'nothing, first of all' },
          ...book.steps.map((step) => ({ value: step.key, label: words(step.words) })),
        ]}
        choose={setAfter}
      />
      <SelectField label="And" value={lying} options={LYING} choose={setLying} />
      <Button htmlType="submit" disabled={what.trim() === ''}>
        Add it
      </Button>
      {wrong && (
        <p role="alert" className="days-wrong">
          {wrong}
        </p>
      )}
    </form>
  );
}
