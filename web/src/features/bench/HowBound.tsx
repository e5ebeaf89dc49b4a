import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { api, outcome, value, type BookDocument } from '../../api/client';
import { NEEDS } from '../../ui/needs';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { Measure } from '../../units/Measure';

/** More to choose from at the very beginning is no help. */
const SHOWN = 3;

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
  bind: (document: BookDocument) => void;
  back: () => void;
}

/** Asks, of a book with more sheets than one fold takes, how it will be bound: the best three for what it has to do. */
export function HowBound({ document, bind, back }: Props) {
  const [needs, setNeeds] = useState(document.use.needs);
  const told = { ...document, use: { ...document.use, needs } };
  const advice = useQuery({
    queryKey: ['how bound', told],
    queryFn: () => value(api.POST('/api/plan/advice', { body: told })),
    placeholderData: keepPreviousData,
  });
  if (advice.isError) {
    return <ErrorNote message={advice.error.message} again={() => void advice.refetch()} />;
  }
  if (!advice.data) {
    return <Waiting what="Weighing the structures" />;
  }
  const best = advice.data.filter((one) => one.plannable && !one.excluded && !one.chosen).slice(0, SHOWN);
  return (
    <div className="how-bound">
      <p>These are more sheets than one fold takes well. What does it have to do?</p>
      <Checkbox.Group className="how-needs" options={NEEDS} value={needs} onChange={setNeeds} />
      <ul>
        {best.map((one) => (
          <li key={one.key}>
            <div>
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
        <Button onClick={() => bind(told)}>One fold all the same</Button>
      </div>
    </div>
  );
}
