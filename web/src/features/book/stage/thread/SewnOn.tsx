import { useSession } from '../../../../state/useSession';
import { LengthField } from '../../fields';
import { withStitch } from './edits';

/** Measures of what is sewn on with the book: tapes, a cord, boards. */
export function SewnOn() {
  const { state } = useSession();
  switch (state.plan.sewing?.sewnOn) {
    case 'TAPES':
      return (
        <LengthField
          label="Thickness of a tape"
          field="stitch.tapeMm"
          edit={(d, tapeMm) => withStitch({ tapeMm })(d)}
        />
      );
    case 'CORD':
      return (
        <LengthField
          label="Thickness of the cord"
          field="stitch.cordMm"
          edit={(d, cordMm) => withStitch({ cordMm })(d)}
        />
      );
    case 'BOARDS':
      return (
        <div className="field-pair">
          <LengthField
            label="Board’s thickness"
            field="stitch.boardMm"
            edit={(d, boardMm) => withStitch({ boardMm })(d)}
          />
          <LengthField
            label="Its holes from the edge"
            field="stitch.boardHoleMm"
            edit={(d, boardHoleMm) => withStitch({ boardHoleMm })(d)}
          />
        </div>
      );
    default:
      return null;
  }
}
