import { Button } from 'antd';
import { useState } from 'react';
import type { RemarkView } from '../../api/client';
import { useSession } from '../../state/useSession';
import { Measure } from '../../units/Measure';

const WORDS: Record<RemarkView['weight'], string> = { NOTE: 'Note', CAUTION: 'Caution', STOP: 'Stop' };

/** What the plan has to say, told apart by shape and word, each with the change that mends it. */
export function Remarks() {
  const { session, state } = useSession();
  const [mended, setMended] = useState<string | null>(null);
  const { remarks } = state.plan;
  const undoable = mended !== null && state.view.undo === mended && state.keeping.kind === 'kept';
  return (
    <section className="remarks" aria-label="Remarks" aria-live="polite">
      {remarks.length === 0 && <p className="remarks-none">Nothing speaks against this plan.</p>}
      {remarks.map((remark) => (
        <article key={remark.key} className={`remark remark-${remark.weight.toLowerCase()}`}>
          <h2>
            <Shape weight={remark.weight} />
            {WORDS[remark.weight]}
          </h2>
          <p>
            <Measure of={remark.words} />
          </p>
          {remark.mend && (
            <Button
              size="small"
              onClick={() => {
                const { mend } = remark;
                if (mend) {
                  const what = lowered(mend.words.mm);
                  setMended(what);
                  session.take(what, { made: state.view.document, document: mend.document });
                }
              }}
            >
              {/* one piece: a button lays its pieces side by side, and a fraction would stand apart from its number */}
              <span>
                <Measure of={remark.mend.words} />
              </span>
            </Button>
          )}
        </article>
      ))}
      {undoable && (
        <p className="remark-mended">
          Mended: {mended}.{' '}
          <Button size="small" onClick={() => void session.undo()}>
            Undo the mend
          </Button>
        </p>
      )}
    </section>
  );
}

function lowered(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

function Shape({ weight }: { weight: RemarkView['weight'] }) {
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
      {weight === 'NOTE' && <circle cx="8" cy="8" r="5.5" />}
      {weight === 'CAUTION' && <path d="M8 1.5 L15 14 H1 z" />}
      {weight === 'STOP' && <path d="M2.5 2.5 h11 v11 h-11 z" />}
    </svg>
  );
}
