import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { WayStep, WayView } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { AsItLies } from '../../../drawing/way/AsItLies';
import { Waiting } from '../../../ui/ErrorNote';
import { Measure } from '../../../units/Measure';
import { SEW_PRESS } from '../../../ui/guide';
import { StageFrame } from '../StageFrame';
import { useWay } from '../useWay';
import { StepSheets } from './StepSheets';
import './sew/sew.css';

/** The moves in their order, signature by signature, and the ways into the sewing itself. */
export function SewStage() {
  const { state } = useSession();
  const { view, plan } = state;
  const way = useWay();
  const { step } = view;
  const steps = plan.sewing?.steps ?? 0;
  return (
    <StageFrame
      stage="SEW"
      tall
      choices={
        <>
          <p className="sew-begin">
            <Link to={`/books/${view.id}/sewing`} className="sew-link">
              {step === 0 ? SEW_PRESS : step < steps ? `Sew on at move ${step + 1}` : 'Look at the sewing'}
            </Link>
          </p>
          <p className="field-help">Fills the screen; the place is kept, over days and on every device.</p>
          <p className="sew-begin">
            <Link to={`/books/${view.id}/rehearsal`} className="sew-link sew-link-quiet">
              Rehearse without a book
            </Link>
          </p>
          <StepSheets />
          <details className="sew-written">
            <summary>The path, written</summary>
            <div className="sew-notation">{plan.sewing?.notation}</div>
            <p className="field-help">
              + out of the fold, − into it, v down, ^ up, at that station counted from the head.
            </p>
            <Button size="small" onClick={() => void navigator.clipboard?.writeText(plan.sewing?.notation ?? '')}>
              Copy the path
            </Button>
          </details>
        </>
      }
      drawing={(width) =>
        way ? <Moves way={way} step={step} width={width} /> : <Waiting what="Writing out the moves" />
      }
    />
  );
}

/** The moves of one signature, or of all where there are few, and how the thread lies when they are sewn. */
function Moves({ way, step, width }: { way: WayView; step: number; width: number }) {
  const signatures = way.work.layers.length;
  const few = way.steps.length <= 40;
  const here = way.steps[Math.min(step, way.steps.length - 1)]?.signature ?? 1;
  const [chosen, setChosen] = useState<number | null>(null);
  const signature = Math.min(chosen ?? here, signatures);
  const shown = few ? way.steps : way.steps.filter((one) => one.signature === signature);
  return (
    <>
      {!few && (
        <div className="sew-signatures" role="group" aria-label="Signatures">
          <Button size="small" disabled={signature === 1} onClick={() => setChosen(signature - 1)}>
            Before
          </Button>
          <span>
            Signature {signature} of {signatures}
          </span>
          <Button size="small" disabled={signature === signatures} onClick={() => setChosen(signature + 1)}>
            After
          </Button>
        </div>
      )}
      <ol className="sew-moves" aria-label="Moves">
        {shown.map((one) => (
          <Move key={one.number} move={one} step={step} />
        ))}
      </ol>
      <h2 className="sew-lies">{few ? 'When all is sewn' : `When signature ${signature} is sewn`}</h2>
      <AsItLies work={way.work} steps={way.steps} sewn={shown[shown.length - 1]?.number ?? 0} width={width} />
    </>
  );
}

function Move({ move, step }: { move: WayStep; step: number }) {
  const [open, setOpen] = useState(false);
  return (
    <li className={move.number <= step ? 'sew-done' : move.number === step + 1 ? 'sew-next' : ''}>
      <span className="sew-number">{move.number}</span>
      <span>
        <Measure of={move.plain} />
        {move.holdsThread && move.kind === 'PASS' && <span className="sew-care"> The hole holds thread already.</span>}
        {open && (
          <ul className="sew-lengths">
            {move.lengths.map((length, i) => (
              <li key={i}>
                <Measure of={length} />
              </li>
            ))}
          </ul>
        )}
      </span>
      <button
        type="button"
        className="sew-used"
        aria-expanded={open}
        aria-label={`Thread of move ${move.number}`}
        onClick={() => setOpen(!open)}
      >
        <Measure of={move.used} />
      </button>
    </li>
  );
}
