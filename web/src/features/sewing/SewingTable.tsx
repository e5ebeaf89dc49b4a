import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, failure, outcome, type BookView, type SewingPlace, type WayView } from '../../api/client';
import { inHand } from '../../drawing/way/look';
import { GUIDE_SEWING, useGuide } from '../../ui/guide';
import { GuideLine } from '../../ui/GuideLine';
import { useKeys } from '../../ui/keys';
import { Measure } from '../../units/Measure';
import { useUnit, useWords } from '../../units/unit';
import { Changed } from './Changed';
import { SEWING_KEYS } from './keys';
import { Lost } from './Lost';
import { SpaceWork } from './SpaceWork';
import { ThreadLeft } from './ThreadLeft';
import { Top } from './Top';
import { useAwake } from './useAwake';
import { usePlace } from './usePlace';
import { useSpeech } from './useSpeech';
import { Work } from './Work';
import './sewing.css';

interface Props {
  book: BookView;
  way: WayView;
  place: SewingPlace;
  /** The way back was taken: the book is now sewn by another way, or from another place. */
  wayChanged: () => Promise<void>;
}

/** The sewing, filling the screen: one move in large words and in the drawing, the thread that is left, nothing else. */
export function SewingTable({ book, way, place: start, wayChanged }: Props) {
  const { steps } = way;
  const [changed, setChanged] = useState(start.planChanged);
  const { place, go, lost } = usePlace(book.id, { ...start, step: Math.min(start.step, steps.length) });
  const [said, setSaid] = useState<string | null>(null);
  const [astray, setAstray] = useState<number[] | null>(null);
  const [space, setSpace] = useState(false);
  const { unit, setUnit } = useUnit();
  const words = useWords();
  const navigate = useNavigate();
  const leave = () => void navigate(`/books/${book.id}/sew`);
  const guide = useGuide(book.id);
  useAwake();

  const now = steps[place.step];
  const speech = useSpeech(now ? words(place.outsideUp ? now.turned : now.plain) : '');
  const next = () => astray === null && place.step < steps.length && go({ ...place, step: place.step + 1 });
  const back = () => astray === null && place.step > 0 && go({ ...place, step: place.step - 1 });
  const turn = () => go({ ...place, outsideUp: !place.outsideUp });
  useKeys(SEWING_KEYS, {
    next,
    back,
    turn,
    speak: speech.toggle,
    unit: () => setUnit(unit === 'MM' ? 'INCH' : 'MM'),
    leave: () => (astray === null ? leave() : setAstray(null)),
  });
  // A pedal or a key must act at once, whatever had the focus before.
  const table = useRef<HTMLElement>(null);
  useEffect(() => table.current?.focus(), []);

  const finish = async () => {
    const params = { path: { id: book.id } };
    // A change made just before the sewing was opened may have been kept since: it is sewn as it is now.
    const now = await outcome(api.GET('/api/books/{id}', { params }));
    if (now.kind !== 'value') {
      setSaid(failure(now));
      return;
    }
    const { version, document } = now.value;
    const done = [...document.done.filter((stage) => stage !== 'SEW'), 'SEW' as const];
    const result = await outcome(
      api.PUT('/api/books/{id}', { params, body: { version, change: 'sewn', document: { ...document, done } } }),
    );
    if (result.kind === 'value') {
      leave();
    } else {
      setSaid(
        result.kind === 'conflict'
          ? `${result.conflict.message}. Leave the sewing and look at the book.`
          : failure(result),
      );
    }
  };
  const signature = inHand(steps, place.step);

  return (
    <main className="sewing" ref={table} tabIndex={-1} aria-label={`Sewing ${book.document.name}`}>
      <Top name={book.document.name} leave={leave} turned={place.outsideUp} turn={turn}>
        {speech.able && (
          <Button size="small" onClick={speech.toggle} aria-pressed={speech.on}>
            Speak
          </Button>
        )}
        {!start.strayed && (
          <Button size="small" aria-pressed={space} disabled={astray !== null} onClick={() => setSpace(!space)}>
            In space
          </Button>
        )}
        <Button
          size="small"
          disabled={place.step === 0 || space}
          onClick={() => setAstray(astray === null ? [] : null)}
        >
          I am somewhere else
        </Button>
      </Top>
      {guide.on && <GuideLine words={GUIDE_SEWING} putAway={guide.putAway} />}
      {changed && (
        <Changed
          sewn={start.step}
          keep={() => {
            setChanged(false);
            go(place);
          }}
          anew={() => {
            setChanged(false);
            go({ ...place, step: 0 });
          }}
        />
      )}
      {space ? (
        <SpaceWork document={book.document} sewn={place.step} turned={place.outsideUp} signature={signature} />
      ) : (
        <Work
          way={way}
          sewn={place.step}
          turned={place.outsideUp}
          signature={signature}
          next={astray === null}
          press={astray === null ? undefined : (station) => setAstray([...astray, station])}
          marked={astray ?? []}
        />
      )}
      {astray !== null ? (
        <Lost
          bookId={book.id}
          step={place.step}
          turned={place.outsideUp}
          stations={way.work.holes.length}
          signature={way.work.layers.length > 1 ? signature : null}
          holes={astray}
          set={setAstray}
          taken={wayChanged}
        />
      ) : (
        <>
          <section className="sewing-words" aria-live="polite">
            {now ? (
              <>
                <p className="sewing-count">
                  Move {place.step + 1} of {steps.length}
                  {way.work.layers.length > 1 && ` · signature ${now.signature} of ${way.work.layers.length}`}
                  {way.threads.length > 1 && ` · thread ${now.thread} of ${way.threads.length}`}
                  {start.strayed && ' · by another way than planned'}
                </p>
                <p className="sewing-move">
                  <Measure of={place.outsideUp ? now.turned : now.plain} />
                </p>
                <p className="sewing-care">{now.care && <Measure of={now.care} />}</p>
              </>
            ) : (
              <>
                <p className="sewing-count">All {steps.length} moves are sewn</p>
                <p className="sewing-move">
                  {book.document.done.includes('SEW')
                    ? 'Sewn. Press it under a weight overnight.'
                    : 'Trim the tails, run the bone folder along the fold, press it overnight.'}
                </p>
                {!book.document.done.includes('SEW') && (
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
            <ThreadLeft way={way} step={place.step} />
            <Button size="large" type="primary" onClick={next} disabled={place.step === steps.length}>
              Next move
            </Button>
          </footer>
        </>
      )}
    </main>
  );
}
