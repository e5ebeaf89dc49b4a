import type { ReactNode } from 'react';
import type { PlannedSheet } from '../../../../api/client';
import { useWords } from '../../../../units/unit';

interface Props {
  sheets: readonly PlannedSheet[];
  /** What stands behind the name of each, by its place from 0. */
  behind?: (at: number) => ReactNode;
  heightMm: number;
  /** Room there is, CSS pixels. */
  width: number;
}

const BETWEEN = 18;
const LARGEST = 300;

/** The sheets of a signature as they lie on the table before they are folded, both sides of each beside each other. */
export function SheetsLook({ sheets, behind, heightMm, width }: Props) {
  const widest = Math.max(...sheets.map(({ outer }) => outer.leftMm + outer.rightMm));
  const scale = Math.min(LARGEST, (width - BETWEEN - 8) / 2) / widest;
  return (
    <ol className="page-sheets">
      {sheets.map((sheet, at) => (
        <li key={sheet.number}>
          <p>
            Sheet {sheet.number}
            {sheet.second && sheets.length > 1 && (sheet.number === 1 ? ', outermost' : '')}
            {sheet.second && sheets.length > 1 && (sheet.number === sheets.length ? ', innermost' : '')}
            <span>, {sheet.paper}</span>
            <Reach sheet={sheet} />
          </p>
          {behind?.(at)}
          <div className="page-sides">
            <Side
              name={sheet.doubled ? 'printed side' : sheet.second ? 'outer side' : 'front'}
              side={sheet.outer}
              {...{ heightMm, scale }}
            />
            <Side
              name={sheet.second || sheet.doubled ? 'inner side' : 'back'}
              side={sheet.inner}
              {...{ heightMm, scale }}
            />
          </div>
        </li>
      ))}
    </ol>
  );
}

const REACHES = {
  FULL: '',
  SHORT: 'short',
  TIPPED: 'tipped on',
  FOLD_OUT: 'folds out',
  STUB: 'a stub that catches the fold',
} as const;

/** What folds out, and what ends before the fore edge. */
function Reach({ sheet }: { sheet: PlannedSheet }) {
  const words = useWords();
  return [sheet.first, sheet.second].map((leaf, i) =>
    leaf && leaf.reach !== 'FULL' ? (
      <span key={i}>
        , {i === 0 ? 'first' : 'second'} half {words(leaf.width)}: {REACHES[leaf.reach]}
      </span>
    ) : null,
  );
}

type Planned = PlannedSheet['first']['front'];

interface SideProps {
  name: string;
  side: PlannedSheet['outer'];
  heightMm: number;
  scale: number;
}

/** One side of a sheet, its fold upright. */
function Side({ name, side, heightMm, scale }: SideProps) {
  const { left, right, leftMm, rightMm } = side;
  const fold = leftMm * scale;
  const wide = (leftMm + rightMm) * scale;
  const high = heightMm * scale;
  const told = left ? `${left.words} on the left, ${right.words} on the right` : right.words;
  return (
    <figure>
      <svg width={wide} height={high} role="img" aria-label={`${name}: ${told}`}>
        <rect className="page-sheet" x="0.5" y="0.5" width={wide - 1} height={high - 1} />
        {left && <line className="page-fold" x1={fold} x2={fold} y1="1" y2={high - 1} />}
        {left && <PageName page={left} x={fold / 2} y={high / 2} room={fold} />}
        <PageName page={right} x={(fold + wide) / 2} y={high / 2} room={wide - fold} />
      </svg>
      <figcaption>{name}</figcaption>
    </figure>
  );
}

function PageName({ page, x, y, room }: { page: Planned; x: number; y: number; room: number }) {
  const numbered = page.kind === 'TEXT' && page.words !== 'not counted';
  return (
    <text className={numbered ? 'page-number' : 'page-none-there'} x={x} y={y + 6} textAnchor="middle">
      {numbered || room > 70 ? page.words : '–'}
      {page.picture && (
        <tspan className="page-picture" x={x} dy="22">
          {shortened(page.picture, room)}
        </tspan>
      )}
    </text>
  );
}

/** As much of a text as stands in so many pixels. */
function shortened(text: string, room: number) {
  const letters = Math.max(2, Math.floor(room / 7));
  return text.length > letters ? `${text.slice(0, letters - 1)}…` : text;
}
