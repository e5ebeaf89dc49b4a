import type { AdviceView } from '../../../../api/client';
import type { StructureLooks } from '../../../../api/looks';
import { standingScale } from '../../../../drawing/bench/geometry';
import { PlannedBook } from '../../../../drawing/bench/PlannedBook';
import { Measure } from '../../../../units/Measure';

/** Height of the tallest of the drawings, CSS pixels. */
const TALL = 62;

interface Props {
  others: readonly AdviceView[];
  looks: ReadonlyMap<string, StructureLooks>;
  /** Lays one beside the structure that the book is bound in. */
  pick: (key: string) => void;
}

/** The other structures, small: pressed, one is looked at beside the book as it is bound. */
export function Others({ others, looks, pick }: Props) {
  const scale = standingScale(
    others.flatMap((one) => looks.get(one.key)?.looks ?? []),
    TALL,
    0.5,
  );
  return (
    <ul className="others" aria-label="Other structures, the best advised first">
      {others.map((one) => {
        const look = looks.get(one.key);
        const reason = one.reasons.find(({ weight }) => (one.excluded ? weight < 0 : true));
        const inner = (
          <>
            <span className="others-book" style={{ height: TALL + 4 }}>
              {look && <PlannedBook book={look.looks} scale={scale} />}
            </span>
            <span className="others-words">
              <b>{one.name}</b>
              {reason && (
                <span className={reason.weight > 0 ? 'speaks-for' : 'speaks-against'}>
                  {reason.weight > 0 ? '+ ' : '− '}
                  <Measure of={reason.words} />
                </span>
              )}
            </span>
          </>
        );
        return (
          <li key={one.key}>
            {one.plannable ? (
              <button type="button" aria-label={`Look at ${one.name}`} onClick={() => pick(one.key)}>
                {inner}
              </button>
            ) : (
              <div className="others-named">
                {inner}
                <span className="others-not">named only, not planned here</span>
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}
