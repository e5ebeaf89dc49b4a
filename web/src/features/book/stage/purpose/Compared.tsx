import { Button } from 'antd';
import type { AdviceView } from '../../../../api/client';
import type { StructureLooks } from '../../../../api/looks';
import { standingScale } from '../../../../drawing/bench/geometry';
import { PlannedBook } from '../../../../drawing/bench/PlannedBook';
import { Measure } from '../../../../units/Measure';

/** Height of the tallest of the drawings, CSS pixels. */
const TALL = 150;

interface Props {
  side: readonly AdviceView[];
  looks: ReadonlyMap<string, StructureLooks>;
  bind: (one: AdviceView) => void;
}

/** A few structures side by side, to one scale: how the book comes out, what it wants, what speaks for it and against it. */
export function Compared({ side, looks, bind }: Props) {
  const scale = standingScale(
    side.flatMap((one) => looks.get(one.key)?.looks ?? []),
    TALL,
    1,
  );
  return (
    <ol className="compared" aria-label="Structures side by side">
      {side.map((one) => {
        const look = looks.get(one.key);
        return (
          <li key={one.key} className={one.chosen ? 'compared-chosen' : ''}>
            <div className="compared-book" style={{ height: TALL + 4 }}>
              {look && <PlannedBook book={look.looks} scale={scale} />}
            </div>
            <div className="compared-top">
              <h2>{one.name}</h2>
              {one.chosen ? (
                <span className="advice-now">bound so</span>
              ) : (
                <Button size="small" onClick={() => bind(one)} aria-label={`Bind it as ${one.name}`}>
                  Bind it so
                </Button>
              )}
            </div>
            <p className="compared-purpose">{one.purpose}</p>
            {look?.stop && (
              <p className="speaks-against">
                Not as it is: <Measure of={look.stop} />
              </p>
            )}
            <ul>
              {one.reasons.map((reason, i) => (
                <li key={i} className={reason.weight > 0 ? 'speaks-for' : 'speaks-against'}>
                  {reason.weight > 0 ? '+ ' : '− '}
                  <Measure of={reason.words} />
                </li>
              ))}
            </ul>
            <dl>
              {look?.figures.map((figure) => (
                <div key={figure.label}>
                  <dt>{figure.label}</dt>
                  <dd>
                    <Measure of={figure.value} />
                  </dd>
                </div>
              ))}
            </dl>
          </li>
        );
      })}
    </ol>
  );
}
