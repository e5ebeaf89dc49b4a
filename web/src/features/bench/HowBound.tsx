import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { api, outcome, value, type BookDocument } from '../../api/client';
import { useLooks } from '../../api/looks';
import { standingScale } from '../../drawing/bench/geometry';
import { PlannedBook } from '../../drawing/bench/PlannedBook';
import { NEEDS } from '../../ui/needs';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { Measure } from '../../units/Measure';

/** More to choose from at the very beginning is no help. */
const SHOWN = 3;
/** Height of the tallest of the drawings, CSS pixels. */
const TALL = 96;

/** Whether the plan cautions that one fold does not hold it well; where nobody can say, the book is begun as it is. */
export async function isMoreThanOneFold(document: BookDocument): Promise<boolean> {
  const plan = await outcome(api.POST('/api/plan', { body: document }));
  return (
    plan.kind === 'value' &&
    plan.value.bound.mostSignatures === 1 &&
    plan.value.remarks.some((remark) => remark.stage === 'GATHER' && remark.weight !== 'NOTE')
  );
}

interface Props {
  document: BookDocument;
  /** Whether it was asked because one fold does not hold it well; else the binder says what the book is for. */
  tooMuch: boolean;
  bind: (document: BookDocument) => void;
  back: () => void;
}

/** Asks, of a book with more sheets than one fold takes, how it will be bound: the best three for what it has to do. */
export function HowBound({ document, tooMuch, bind, back }: Props) {
  const [needs, setNeeds] = useState(document.use.needs);
  const told = { ...document, use: { ...document.use, needs } };
  const advice = useQuery({
    queryKey: ['how bound', told],
    queryFn: () => value(api.POST('/api/plan/advice', { body: told })),
    placeholderData: keepPreviousData,
  });
  const best = (advice.data ?? [])
    .filter((one) => one.plannable && !one.excluded && !(tooMuch && one.chosen))
    .slice(0, SHOWN);
  const looks = useLooks(
    told,
    best.map((one) => one.key),
  );
  const scale = standingScale(
    best.flatMap((one) => looks.get(one.key)?.looks ?? []),
    TALL,
    1,
  );
  if (advice.isError) {
    return <ErrorNote message={advice.error.message} again={() => void advice.refetch()} />;
  }
  if (!advice.data) {
    return <Waiting what="Weighing the structures" />;
  }
  return (
    <div className="how-bound">
      <p>{tooMuch && 'These are more sheets than one fold takes well. '}What does it have to do?</p>
      <Checkbox.Group className="how-needs" options={NEEDS} value={needs} onChange={setNeeds} />
      <ul>
        {best.map((one) => (
          <li key={one.key}>
            <div className="how-book">
              {looks.has(one.key) && <PlannedBook book={looks.get(one.key)!.looks} scale={scale} />}
            </div>
            <div className="how-words">
              <h3>{one.name}</h3>
              <p>{one.purpose}</p>
              <p>
                {needs.length > 0 &&
                  one.reasons.slice(0, 2).map((reason, i) => (
                    <span key={i} className={reason.weight > 0 ? 'how-for' : 'how-against'}>
                      {reason.weight > 0 ? '+ ' : '− '}
                      <Measure of={reason.words} />{' '}
                    </span>
                  ))}
              </p>
            </div>
            <Button onClick={() => bind(one.document)} aria-label={`Begin it as ${one.name}`}>
              Bind it so
            </Button>
          </li>
        ))}
      </ul>
      <div className="begin-acts">
        <Button onClick={back}>Back</Button>
        {tooMuch && <Button onClick={() => bind(told)}>One fold all the same</Button>}
      </div>
    </div>
  );
}
