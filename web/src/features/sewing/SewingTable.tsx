import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, outcome, type BookView, type SewingPlace, type Sewn } from '../../api/client';
import { useKeys } from '../../ui/keys';
import { UnitSwitch } from '../../ui/UnitSwitch';
import { Measure } from '../../units/Measure';
import { useUnit } from '../../units/unit';
import { BothFaces } from './BothFaces';
import { useAwake } from './useAwake';
import { usePlace } from './usePlace';

interface Props {
  book: BookView;
  sewing: Sewn;
  place: SewingPlace;
}

/** The sewing, filling the screen: one move in large words and in the drawing, the thread that is left, nothing else. */
export function SewingTable({ book, sewing, place: start }: Props) {
  const { plan } = book;
  const { steps } = sewing;
  const [changed, setChanged] = useState(start.planChanged);
  const { place, go, lost } = usePlace(book.id, { ...start, step: Math.min(start.step, steps.length) });
  const [said, say] = useState<string | null>(null);
  const { unit, setUnit } = useUnit();
  const navigate = useNavigate();
  const leave = () => void navigate(`/books/${book.id}/sew`);
  useAwake();

  const next = () => place.step < steps.length && go({ ...place, step: place.step + 1 });
  const back = () => place.step > 0 && go({ ...place, step: place.step - 1 });
  const flip = () => go({ ...place, outsideUp: !place.outsideUp });
  useKeys({
    ' ': next,
    enter: next,
    arrowright: next,
    pagedown: next,
    backspace: back,
    arrowleft: back,
    pageup: back,
    f: flip,
    i: () => setUnit(unit === 'MM' ? 'INCH' : 'MM'),
    escape: leave,
  });
  // A pedal or a key must act at once, whatever had the focus before.
  const table = useRef<HTMLElement>(null);
  useEffect(() => table.current?.focus(), []);

  const now = steps[place.step];
  const sewn = book.document.done.includes('SEW');
  const finish = async () => {
    const document = {
      ...book.document,
      done: [...book.document.done.filter((stage) => stage !== 'SEW'), 'SEW' as const],
    };
    const result = await outcome(
      api.PUT('/api/books/{id}', {
        params: { path: { id: book.id } },
        body: { version: book.version, change: 'sewn', document },
      }),
    );
    if (result.kind === 'value') {
      leave();
    } else {
      say(
        result.kind === 'refused'
          ? result.problem.message
          : result.kind === 'lost'
            ? result.message
            : `${result.conflict.message}. Leave the sewing and look at the book.`,
      );
    }
  };

  return (
    <main className="sewing" ref={table} tabIndex={-1} aria-label={`Sewing ${book.document.name}`}>
      <header className="sewing-top">
        <Button size="small" onClick={leave}>
          Leave
        </Button>
        <h1>{book.document.name}</h1>
        <UnitSwitch />
        <Button size="small" onClick={flip} aria-pressed={place.outsideUp}>
          Turn the work over
        </Button>
      </header>
      {changed && (
        <div className="sewing-changed" role="alert">
          <p>
            The plan has changed since this place was kept. Are the {start.step} moves sewn still those of the list
            below?
          </p>
          <Button
            size="small"
            onClick={() => {
              setChanged(false);
              go(place);
            }}
          >
            They are
          </Button>
          <Button
            size="small"
            onClick={() => {
              setChanged(false);
              go({ ...place, step: 0 });
            }}
          >
            Begin again
          </Button>
        </div>
      )}
      <BothFaces plan={plan} sewing={sewing} place={place} />
      <section className="sewing-words" aria-live="polite">
        {now ? (
          <>
            <p className="sewing-count">
              Move {place.step + 1} of {steps.length}
            </p>
            <p className="sewing-move">
              <Measure of={place.outsideUp ? now.outsideUp : now.insideUp} />
            </p>
            <p className="sewing-care">{now.care && <Measure of={now.care} />}</p>
          </>
        ) : (
          <>
            <p className="sewing-count">All {steps.length} moves are sewn</p>
            <p className="sewing-move">
              {sewn
                ? 'Sewn. Press it under a weight overnight.'
                : 'Trim the tails, run the bone folder along the fold, press it overnight.'}
            </p>
            {!sewn && (
              <Button type="primary" onClick={() => void finish()}>
                It is sewn
              </Button>
            )}
          </>
        )}
        {(lost ?? said) && (
          <p className="sewing-lost" role="status">
            {said ?? `${lost} Sew on: the place is kept here and sent when it does.`}
          </p>
        )}
      </section>
      <footer className="sewing-foot">
        <Button size="large" onClick={back} disabled={place.step === 0}>
          One back
        </Button>
        <ThreadLeft
          leftMm={steps[place.step - 1]?.leftMm ?? sewing.cutMm / book.document.thread.strands}
          cutMm={sewing.cutMm / book.document.thread.strands}
        >
          <Measure of={steps[place.step - 1]?.left ?? plan.figures.find((figure) => figure.key === 'thread')!.value} />
        </ThreadLeft>
        <Button size="large" type="primary" onClick={next} disabled={place.step === steps.length}>
          Next move
        </Button>
      </footer>
    </main>
  );
}

function ThreadLeft({ leftMm, cutMm, children }: { leftMm: number; cutMm: number; children: React.ReactNode }) {
  return (
    <div className="thread-left">
      <p>
        Thread left: <strong>{children}</strong>
      </p>
      <svg viewBox="0 0 100 4" preserveAspectRatio="none" aria-hidden="true">
        <rect width="100" height="4" className="thread-left-spool" />
        <rect width={Math.max(0, Math.min(100, (100 * leftMm) / cutMm))} height="4" className="thread-left-thread" />
      </svg>
    </div>
  );
}
