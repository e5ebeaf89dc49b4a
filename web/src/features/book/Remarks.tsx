import { Button } from 'antd';
import { useState } from 'react';
import type { RemarkView, Stage } from '../../api/client';
import { useSession } from '../../state/useSession';
import { Measure } from '../../units/Measure';
import { of, STAGES, WEIGHTS } from '../../ui/stages';

/**
 * What the plan has to say, told apart by shape and word, each with the changes that mend it: whole where it belongs to the stage at hand,
 * else one line that opens.
 */
export function Remarks({ stage }: { stage: Stage }) {
  const { session, state } = useSession();
  const [mended, setMended] = useState<string | null>(null);
  const { remarks } = state.plan;
  const here = remarks.filter((remark) => of(stage).includes(remark.stage));
  const elsewhere = remarks.filter((remark) => !here.includes(remark));
  const undoable = mended !== null && state.view.undo === mended && state.keeping.kind === 'kept';
  const mend = (what: string, document: RemarkView['mends'][number]['document']) => {
    setMended(what);
    session.take(what, { made: state.view.document, document });
  };
  return (
    <section className="remarks" aria-label="Remarks" aria-live="polite">
      {remarks.length === 0 && <p className="remarks-none">Nothing speaks against this plan.</p>}
      {remarks.length > 0 && here.length === 0 && (
        <p className="remarks-none">Nothing speaks against what is settled here.</p>
      )}
      {here.map((remark) => (
        <article key={remark.key} className={`remark remark-${remark.weight.toLowerCase()}`}>
          <h2>
            <Shape weight={remark.weight} />
            {WEIGHTS[remark.weight]}
          </h2>
          <Said remark={remark} mend={mend} />
        </article>
      ))}
      {elsewhere.length > 0 && (
        <div className="remarks-elsewhere">
          <h2>At other stages</h2>
          {elsewhere.map((remark) => (
            <details key={remark.key} className={`remark-line remark-${remark.weight.toLowerCase()}`}>
              <summary>
                <Shape weight={remark.weight} />
                <span className="visually-hidden">{WEIGHTS[remark.weight]}, </span>
                <span className="remark-where">{name(remark.stage)}:</span>{' '}
                <span className="remark-begins">
                  <Measure of={remark.words} />
                </span>
              </summary>
              <Said remark={remark} mend={mend} />
            </details>
          ))}
        </div>
      )}
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

interface SaidProps {
  remark: RemarkView;
  mend: (what: string, document: RemarkView['mends'][number]['document']) => void;
}

/** A remark with the changes that mend it. */
export function Said({ remark, mend }: SaidProps) {
  return (
    <>
      <p>
        <Measure of={remark.words} />
      </p>
      {remark.mends.map((one, i) => (
        <Button key={i} size="small" onClick={() => mend(lowered(one.words.mm), one.document)}>
          {/* one piece: a button lays its pieces side by side, and a fraction would stand apart from its number */}
          <span>
            <Measure of={one.words} />
          </span>
        </Button>
      ))}
    </>
  );
}

function name(stage: Stage): string {
  return STAGES.find((one) => one.key === stage)?.name ?? '';
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
