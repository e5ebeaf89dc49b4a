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
  const widest = Math.max(
    ...sheets.map((sheet) => sheet.first.widthMm * (sheet.doubled ? 2 : 1) + (sheet.second?.widthMm ?? 0)),
  );
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
              sheet={sheet}
              inner={false}
              {...{ heightMm, scale }}
            />
            <Side
              name={sheet.second || sheet.doubled ? 'inner side' : 'back'}
              sheet={sheet}
              inner
              {...{ heightMm, scale }}
            />
          </div>
        </li>
      ))}
    </ol>
  );
}

const REACHES = { FULL: '', SHORT: 'short', FOLD_OUT: 'folds out', STUB: 'a stub that catches the fold' } as const;

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

/** What lies inside a sheet that is folded at its fore edge. */
const UNSEEN: Planned = { kind: 'HIDDEN', words: 'never seen', picture: '' };

interface Half {
  page: Planned;
  mm: number;
}

/** What is seen on a side of a sheet: the half on the left of the outer side is on the right of the inner one. */
function halves({ first, second, doubled }: PlannedSheet, inner: boolean): { left?: Half; right: Half } {
  const before = first.widthMm;
  if (doubled) {
    return {
      left: { page: inner ? UNSEEN : first.front, mm: before },
      right: { page: inner ? UNSEEN : first.back, mm: before },
    };
  }
  if (!second) {
    return { right: { page: inner ? first.back : first.front, mm: before } };
  }
  const after = second.widthMm;
  return inner
    ? { left: { page: first.back, mm: before }, right: { page: second.front, mm: after } }
    : { left: { page: second.back, mm: after }, right: { page: first.front, mm: before } };
}

interface SideProps {
  name: string;
  sheet: PlannedSheet;
  inner: boolean;
  heightMm: number;
  scale: number;
}

/** One side of a sheet, its fold upright. */
function Side({ name, sheet, inner, heightMm, scale }: SideProps) {
  const { left, right } = halves(sheet, inner);
  const fold = (left?.mm ?? 0) * scale;
  const wide = fold + right.mm * scale;
  const high = heightMm * scale;
  const told = left ? `${left.page.words} on the left, ${right.page.words} on the right` : right.page.words;
  return (
    <figure>
      <svg width={wide} height={high} role="img" aria-label={`${name}: ${told}`}>
        <rect className="page-sheet" x="0.5" y="0.5" width={wide - 1} height={high - 1} />
        {left && <line className="page-fold" x1={fold} x2={fold} y1="1" y2={high - 1} />}
        {left && <PageName page={left.page} x={fold / 2} y={high / 2} room={fold} />}
        <PageName page={right.page} x={(fold + wide) / 2} y={high / 2} room={wide - fold} />
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
