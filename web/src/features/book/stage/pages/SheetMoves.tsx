import { Button } from 'antd';
import { useState } from 'react';
import type { PagePlan } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { LengthField } from '../../fields';
import { further, hooked, moved, ofPaper, soWide, takenOut, type Reach } from './moves';

interface Props {
  signatures: PagePlan['signatures'];
  signature: PagePlan['signatures'][number];
  /** Which sheet of it, from 0. */
  at: number;
  reach: Reach;
  /** Whether its sheets differ, so that their places matter. */
  mixed: boolean;
}

const HALVES = [
  { half: 'firstMm', leaf: 'first', words: 'first half' },
  { half: 'secondMm', leaf: 'second', words: 'second half' },
] as const;

/** Another place in its signature for a sheet, another paper, other widths. */
export function SheetMoves({ signatures, signature, at, reach, mixed }: Props) {
  const { session, state } = useSession();
  const { papers } = state.plan;
  const number = at + 1;
  const sheet = signature.sheets[at]!;
  const [widths, setWidths] = useState(false);
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
      <Button
        size="small"
        aria-expanded={widths}
        aria-label={`Widths of sheet ${number}`}
        onClick={() => setWidths(!widths)}
      >
        Fold out or shorten
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
      {widths &&
        HALVES.map(({ half, words, leaf }) => {
          const wide = sheet[leaf];
          return (
            wide && (
              <LengthField
                key={half}
                label={`Sheet ${number}, ${words} wide`}
                field="gathering.recipes"
                shown={wide.width}
                edit={(d, mm) => moved(signatures, signature.number, reach, soWide(at, half, mm, d.leaf.widthMm))(d)}
              />
            )
          );
        })}
    </span>
  );
}
