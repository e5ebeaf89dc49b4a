import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, failure, outcome, value } from '../../api/client';
import { readLength } from '../../api/reading';
import { Measure } from '../../units/Measure';
import { TypedField } from '../../ui/TypedField';
import { useUnit } from '../../units/unit';

interface Props {
  bookId: string;
  step: number;
  turned: boolean;
  stations: number;
  /** The signature in hand; null where there is only one. */
  signature: number | null;
  holes: readonly number[];
  set: (holes: number[] | null) => void;
  taken: () => Promise<void>;
}

/** Says what was really done since the last right move, and how to get back. */
export function Lost({ bookId, step, turned, stations, signature, holes, set, taken }: Props) {
  const { unit } = useUnit();
  const [left, setLeft] = useState<{ mm: number; text: string } | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const body = {
    step,
    outsideUp: turned,
    holes: [...holes],
    ...(left === null ? {} : { leftMm: left.mm }),
  };
  const params = { path: { id: bookId } };
  const back = useQuery({
    queryKey: ['way-back', bookId, body],
    queryFn: () => value(api.POST('/api/books/{id}/sewing/back', { params, body })),
    gcTime: 0,
    refetchInterval: false,
  });
  const measured = async (text: string) => {
    if (text.trim() === '') {
      setLeft(null);
      return null;
    }
    const result = await readLength(text, unit);
    if (result.kind !== 'value') {
      return failure(result);
    }
    setLeft({ mm: result.value.mm, text });
    return null;
  };
  const take = async () => {
    const result = await outcome(api.PUT('/api/books/{id}/sewing/back', { params, body }));
    if (result.kind === 'value') {
      await taken();
      set(null);
    } else {
      setSaid(failure(result));
    }
  };
  return (
    <section className="lost" aria-label="The way back">
      <div className="lost-told">
        <p className="sewing-move">
          Where did the needle go since move {step}
          {signature === null ? '' : `, in signature ${signature}`}?
        </p>
        <p className="field-help">Press the holes it went through, in their order, here or in the drawing.</p>
        <div className="lost-holes" role="group" aria-label="Holes the needle went through">
          {Array.from({ length: Math.min(stations, 40) }, (_, i) => (
            <Button key={i} onClick={() => set([...holes, i + 1])} aria-label={`Through hole ${i + 1}`}>
              {i + 1}
            </Button>
          ))}
        </div>
        <p className="lost-marked" aria-live="polite">
          {holes.length === 0 ? 'No hole told yet.' : `Through ${holes.join(', then ')}.`}{' '}
          {holes.length > 0 && (
            <Button size="small" onClick={() => set(holes.slice(0, -1))}>
              Take the last one back
            </Button>
          )}
        </p>
        <TypedField
          label="Thread left on the needle, if you measured it"
          shown={left?.text ?? ''}
          empty="not measured"
          take={measured}
        />
      </div>
      <div className="lost-way" aria-live="polite">
        {back.error && <p className="sewing-lost">{back.error.message}</p>}
        {back.data && (
          <>
            <p className="sewing-move">
              <Measure of={back.data.words} />
            </p>
            {back.data.order && !back.data.asPlanned && <p className="sew-notation">{back.data.order}</p>}
            <p className={back.data.enough ? 'field-help' : 'sewing-lost'}>
              <Measure of={back.data.thread} />
            </p>
          </>
        )}
        {said && <p className="sewing-lost">{said}</p>}
        <div className="lost-acts">
          <Button onClick={() => set(null)}>Stay as it was</Button>
          <Button type="primary" disabled={!back.data} onClick={() => void take()}>
            {back.data && back.data.unpicked > 0 ? 'Unpicked; sew on' : 'Sew on from here'}
          </Button>
        </div>
      </div>
    </section>
  );
}
