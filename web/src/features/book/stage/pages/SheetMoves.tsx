import { Button } from 'antd';
import type { PagePlan } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { further, hooked, moved, ofPaper, takenOut, type Reach } from './moves';

interface Props {
  signatures: PagePlan['signatures'];
  signature: PagePlan['signatures'][number];
  /** Which sheet of it, from 0. */
  at: number;
  reach: Reach;
  /** Whether its sheets differ, so that their places matter. */
  mixed: boolean;
}

/** Another place in its signature for a sheet, or another paper. */
export function SheetMoves({ signatures, signature, at, reach, mixed }: Props) {
  const { session, state } = useSession();
  const { papers } = state.plan;
  const number = at + 1;
  const sheet = signature.sheets[at]!;
  const move = (places: number) =>
    session.change(
      places > 0 ? 'a sheet further in' : 'a sheet further out',
      moved(signatures, signature.number, reach, further(at, places)),
    );
  return (
    <span className="sheet-moves">
      {papers.length > 1 && (
        <SelectField
          label={`Paper of sheet ${number}`}
          value={String(papers.findIndex((paper) => paper.name === sheet.paper))}
          options={papers.map((paper, i) => ({ value: String(i), label: paper.name }))}
          choose={(paper) =>
            session.change('paper of a sheet', moved(signatures, signature.number, reach, ofPaper(at, Number(paper))))
          }
        />
      )}
      {mixed && (
        <>
          <Button size="small" disabled={at === 0} onClick={() => move(-1)} aria-label={`Sheet ${number} further out`}>
            Further out
          </Button>
          <Button
            size="small"
            disabled={number === signature.sheets.length}
            onClick={() => move(1)}
            aria-label={`Sheet ${number} further in`}
          >
            Further in
          </Button>
        </>
      )}
      <Button
        size="small"
        aria-label={`Hook a leaf in by sheet ${number}`}
        onClick={() =>
          session.change(
            'a leaf hooked in',
            moved(signatures, signature.number, reach, hooked(at, state.plan.block.stubMm)),
          )
        }
      >
        Hook a leaf in
      </Button>
      {(sheet.first.reach === 'STUB' || sheet.second?.reach === 'STUB') && (
        <Button
          size="small"
          aria-label={`Take out sheet ${number}`}
          onClick={() => session.change('a leaf taken out', moved(signatures, signature.number, reach, takenOut(at)))}
        >
          Take it out
        </Button>
      )}
    </span>
  );
}
