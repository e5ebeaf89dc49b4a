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
  const widest = Math.max(...sheets.map((sheet) => sheet.first.widthMm + (sheet.second?.widthMm ?? 0)));
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
            <Side name={sheet.second ? 'outer side' : 'front'} sheet={sheet} inner={false} {...{ heightMm, scale }} />
            <Side name={sheet.second ? 'inner side' : 'back'} sheet={sheet} inner {...{ heightMm, scale }} />
          </div>
        </li>
      ))}
    </ol>
  );
}

/** What folds out, and what ends before the fore edge. */
function Reach({ sheet }: { sheet: PlannedSheet }) {
  const words = useWords();
  return [sheet.first, sheet.second].map((leaf, i) =>
    leaf && leaf.reach !== 'FULL' ? (
      <span key={i}>
        , {i === 0 ? 'first' : 'second'} half {words(leaf.width)}: {leaf.reach === 'SHORT' ? 'short' : 'folds out'}
      </span>
    ) : null,
  );
}

interface SideProps {
  name: string;
  sheet: PlannedSheet;
  inner: boolean;
  heightMm: number;
  scale: number;
}

/** One side of a sheet, its fold upright: the half on the left of the outer side is on the right of the inner one. */
function Side({ name, sheet, inner, heightMm, scale }: SideProps) {
  const { first, second } = sheet;
  const left = inner && second ? first : second;
  const right = inner && second ? second : first;
  const leftMm = left?.widthMm ?? 0;
  const wide = (leftMm + right.widthMm) * scale;
  const high = heightMm * scale;
  const onLeft = left && (inner ? left.front && left.back : left.back);
  const onRight = second ? right.front : inner ? right.back : right.front;
  const told = `${name}: ${onLeft ? `${onLeft.words} on the left, ` : ''}${onRight.words}${onLeft ? ' on the right' : ''}`;
  return (
    <figure>
      <svg width={wide} height={high} role="img" aria-label={told}>
        <rect className="page-sheet" x="0.5" y="0.5" width={wide - 1} height={high - 1} />
        {left && <line className="page-fold" x1={leftMm * scale} x2={leftMm * scale} y1="1" y2={high - 1} />}
        {onLeft && <Number page={onLeft} x={(leftMm * scale) / 2} y={high / 2} room={leftMm * scale} />}
        <Number
          page={onRight}
          x={leftMm * scale + (right.widthMm * scale) / 2}
          y={high / 2}
          room={right.widthMm * scale}
        />
      </svg>
      <figcaption>{name}</figcaption>
    </figure>
  );
}

function Number({ page, x, y, room }: { page: PlannedSheet['first']['front']; x: number; y: number; room: number }) {
  const numbered = page.kind === 'TEXT' && page.words !== 'not counted';
  return (
    <text className={numbered ? 'page-number' : 'page-none-there'} x={x} y={y + 6} textAnchor="middle">
      {numbered || room > 70 ? page.words : '–'}
    </text>
  );
}
