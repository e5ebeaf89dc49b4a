import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, failure, outcome, value, type BookView, type InUnits, type WayView } from '../../api/client';
import { inHand } from '../../drawing/way/look';
import { useKeys } from '../../ui/keys';
import { Measure } from '../../units/Measure';
import { useUnit } from '../../units/unit';
import { REHEARSAL_KEYS } from './keys';
import { Top } from './Top';
import { Work } from './Work';
import './sewing.css';

type Kind = WayView['steps'][number]['kind'];

const ACTS: readonly { kind: Kind; words: string }[] = [
  { kind: 'KETTLE', words: 'A kettle stitch' },
  { kind: 'TIE', words: 'A knot' },
  { kind: 'JOIN', words: 'A new thread' },
];

/** The sewing without a book: the learner says the next move by pressing the hole, and is told what a wrong one would do. */
export function Rehearsal({ book, way }: { book: BookView; way: WayView }) {
  const { steps } = way;
  const [done, setDone] = useState(0);
  const [turned, setTurned] = useState(false);
  const [told, setTold] = useState<{ right: boolean; words: InUnits | string } | null>(null);
  const [shown, setShown] = useState(false);
  const asking = useRef(false);
  const { unit, setUnit } = useUnit();
  const navigate = useNavigate();
  const params = { path: { id: book.id } };
  const troubles = useQuery({
    queryKey: ['troubles', book.id],
    queryFn: () => value(api.GET('/api/books/{id}/rehearsal', { params })),
    gcTime: 0,
  });
  const leave = () => void navigate(`/books/${book.id}/sew`);
  const turn = () => setTurned((was) => !was);
  const answer = async (kind: Kind, station: number) => {
    if (asking.current || done >= steps.length) {
      return;
    }
    asking.current = true;
    const result = await outcome(
      api.POST('/api/books/{id}/rehearsal', { params, body: { step: done, kind, station } }),
    );
    asking.current = false;
    if (result.kind !== 'value') {
      setTold({ right: false, words: failure(result) });
      return;
    }
    setTold(result.value);
    if (result.value.right) {
      setDone(done + 1);
      setShown(false);
    } else {
      void troubles.refetch();
    }
  };
  const back = () => {
    setDone(Math.max(0, done - 1));
    setTold(null);
    setShown(false);
  };
  useKeys(REHEARSAL_KEYS, {
    turn,
    unit: () => setUnit(unit === 'MM' ? 'INCH' : 'MM'),
    leave,
    back,
    show: () => setShown((was) => !was),
    hole: (event) => {
      const hole = Number(event.key);
      if (hole <= way.work.holes.length) {
        void answer('PASS', hole);
      }
    },
    kettle: () => void answer('KETTLE', 0),
    knot: () => void answer('TIE', 0),
  });
  const table = useRef<HTMLElement>(null);
  useEffect(() => table.current?.focus(), []);
  const now = steps[done];
  const kinds = ACTS.filter((act) => steps.some((step) => step.kind === act.kind));
  const signature = inHand(steps, done);
  const press = now ? (station: number) => void answer('PASS', station) : undefined;
  return (
    <main className="sewing rehearsal" ref={table} tabIndex={-1} aria-label={`Rehearsing ${book.document.name}`}>
      <Top name={`Rehearsing: ${book.document.name}`} leave={leave} turned={turned} turn={turn} />
      <Work way={way} sewn={done} turned={turned} signature={signature} next={shown} press={press} />
      <section className="rehearsal-ask">
        <div>
          <p className="sewing-count">
            {now ? `Move ${done + 1} of ${steps.length}` : `All ${steps.length} moves said`}
            {way.work.layers.length > 1 && now && ` · signature ${now.signature}`}
          </p>
          <p className="sewing-move">{now ? 'What comes next? Press the hole.' : 'That is the whole way.'}</p>
          {now && (
            <div className="lost-holes" role="group" aria-label="What comes next">
              {way.work.holes.slice(0, 40).map((hole) => (
                <Button
                  key={hole.number}
                  onClick={() => press?.(hole.number)}
                  aria-label={`Through hole ${hole.number}`}
                >
                  {hole.number}
                </Button>
              ))}
              {kinds.map((act) => (
                <Button key={act.kind} onClick={() => void answer(act.kind, 0)}>
                  {act.words}
                </Button>
              ))}
            </div>
          )}
          <p className={told?.right === false ? 'rehearsal-wrong' : 'rehearsal-right'} role="status">
            {told && (typeof told.words === 'string' ? told.words : <Measure of={told.words} />)}
          </p>
          {now && (
            <Button size="small" onClick={() => setShown((was) => !was)}>
              {shown ? 'Hide the move' : 'Show the move'}
            </Button>
          )}{' '}
          <Button size="small" disabled={done === 0} onClick={back}>
            One back
          </Button>
          {shown && now && (
            <p className="sewing-care">
              <Measure of={turned ? now.turned : now.plain} />
            </p>
          )}
        </div>
        <div className="rehearsal-troubles">
          <h2>What gave trouble</h2>
          {troubles.data && troubles.data.length > 0 ? (
            <ol>
              {troubles.data.map((trouble) => (
                <li key={trouble.step}>
                  <span className="sew-number">{trouble.step}</span>
                  <span>
                    <Measure of={trouble.words} /> Missed {trouble.misses} of {trouble.tries}.
                  </span>
                </li>
              ))}
            </ol>
          ) : (
            <p className="field-help">Nothing so far. A wrong answer is noted here, over days.</p>
          )}
        </div>
      </section>
    </main>
  );
}
