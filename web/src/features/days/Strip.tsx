import { useRef, useState } from 'react';
import type { DaysView } from '../../api/client';
import { useWords } from '../../units/unit';
import { useSize } from '../../ui/useSize';
import { across, MONTHLESS, naming, weeksNamed } from './dayScale';

type Book = DaysView['books'][number];
type Step = Book['steps'][number];

/** The names of the days, above all strips. */
export function DayNames({ days }: { days: DaysView['days'] }) {
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  const named = naming(days.length, width);
  const weeks = weeksNamed(days, width);
  return (
    <div className={`strip-names strip-names-${named}`} aria-hidden="true" ref={box}>
      {days.map((day, i) => {
        const [weekday, date, month] = day.name.split(' ');
        return (
          <span key={day.date} className={day.hours.length === 0 ? 'strip-idle' : ''}>
            {(named !== 'weeks' || weeks.has(i)) && (
              <>
                <b>{weekday}</b> {days.length > MONTHLESS ? date : `${date} ${month}`}
              </>
            )}
          </span>
        );
      })}
    </div>
  );
}

interface Props {
  book: Book;
  view: DaysView;
  chosen: string | null;
  choose: (step: string) => void;
  /** Moves a step so many days. */
  move: (step: Step, days: number) => void;
}

/** A book's days: work solid, waits hatched, today and the wanted day marked. Bars are pressed to see their step and moved by hand or keys. */
export function Strip({ book, view, chosen, choose, move }: Props) {
  const words = useWords();
  const box = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<{ step: string; from: number; days: number } | null>(null);
  const { days } = view;
  const percent = (place: number) => (across(days, place) / days.length) * 100;
  const span = (from: number, to: number) => ({
    left: `${percent(from)}%`,
    width: `${Math.max(0, percent(to) - percent(from))}%`,
  });
  const dayWidth = () => (box.current?.clientWidth ?? 1) / days.length;
  return (
    <div className="strip" ref={box} role="group" aria-label={`Days of ${book.name}`}>
      {days.map((day, i) => (
        <span
          key={day.date}
          className={day.hours.length === 0 ? 'strip-day strip-day-idle' : 'strip-day'}
          style={{ left: `${(i / days.length) * 100}%`, width: `${100 / days.length}%` }}
        />
      ))}
      {book.steps.map(
        (step) =>
          step.lying && (
            <span key={`${step.key}-lies`} className="strip-lies" style={span(step.lying.from, step.lying.to)} />
          ),
      )}
      {book.steps.flatMap((step) =>
        step.hands.map((hand, part) => {
          const moving = drag?.step === step.key ? drag.days * dayWidth() : 0;
          return (
            <button
              type="button"
              key={`${step.key}-${part}`}
              className={step.key === chosen ? 'strip-hand strip-hand-chosen' : 'strip-hand'}
              style={{ ...span(hand.from, hand.to), transform: moving ? `translateX(${moving}px)` : undefined }}
              // one way in by keys for each step; its other evenings are pressed with the mouse
              tabIndex={part === 0 ? 0 : -1}
              aria-pressed={step.key === chosen}
              aria-label={`${words(step.words)}, ${step.when ?? ''}, ${step.minutes} minutes`}
              title={`${words(step.words)}, ${step.when ?? ''}`}
              onClick={() => choose(step.key)}
              onKeyDown={(event) => {
                if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
                  event.preventDefault();
                  event.stopPropagation();
                  move(step, event.key === 'ArrowRight' ? 1 : -1);
                }
              }}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                setDrag({ step: step.key, from: event.clientX, days: 0 });
              }}
              onPointerMove={(event) => {
                if (drag?.step === step.key) {
                  setDrag({ ...drag, days: Math.round((event.clientX - drag.from) / dayWidth()) });
                }
              }}
              onPointerUp={() => {
                if (drag && drag.days !== 0) {
                  move(step, drag.days);
                }
                setDrag(null);
              }}
              onPointerCancel={() => setDrag(null)}
            />
          );
        }),
      )}
      <span className="strip-now" style={{ left: `${percent(view.now)}%` }} aria-hidden="true" />
      {book.wantedAt !== undefined && book.wantedAt !== null && (
        <span
          className={book.late ? 'strip-wanted strip-wanted-late' : 'strip-wanted'}
          style={{ left: `${percent(book.wantedAt)}%` }}
          aria-hidden="true"
        />
      )}
    </div>
  );
}
