import { Button } from 'antd';
import { Link } from 'react-router';
import { useSession } from '../../../state/useSession';
import { Measure } from '../../../units/Measure';
import { StageFrame } from '../StageFrame';
import { useSewn } from '../useSewn';

/** The moves in their order, and the way into the sewing itself. */
export function SewStage() {
  const { state } = useSession();
  const { view } = state;
  const sewing = useSewn();
  const { step } = view;
  return (
    <StageFrame
      stage="SEW"
      tall
      choices={
        <>
          <p className="sew-begin">
            <Link to={`/books/${view.id}/sewing`} className="sew-link">
              {step === 0
                ? 'Sew, move by move'
                : step < sewing.steps.length
                  ? `Sew on at move ${step + 1}`
                  : 'Look at the sewing'}
            </Link>
          </p>
          <p className="field-help">Fills the screen; the place is kept, over days and on every device.</p>
          <h2 className="sew-notation-name">The path, written</h2>
          <p className="sew-notation">{sewing.notation}</p>
          <p className="field-help">+ out of the fold, − into it, at that station counted from the head.</p>
          <Button size="small" onClick={() => void navigator.clipboard?.writeText(sewing.notation)}>
            Copy the path
          </Button>
        </>
      }
      drawing={() => (
        <ol className="sew-moves" aria-label="Moves">
          {sewing.steps.map((one) => (
            <li
              key={one.number}
              className={one.number <= step ? 'sew-done' : one.number === step + 1 ? 'sew-next' : ''}
            >
              <span className="sew-number">{one.number}</span>
              <span>
                <Measure of={one.insideUp} />
                {one.care && one.number > 1 && !one.ties && (
                  <span className="sew-care"> The hole holds thread already.</span>
                )}
              </span>
              <span className="sew-used">
                <Measure of={one.used} />
              </span>
            </li>
          ))}
        </ol>
      )}
    />
  );
}
