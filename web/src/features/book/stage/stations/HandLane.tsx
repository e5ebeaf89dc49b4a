import type { RowsView } from '../../../../api/client';
import { between, pointedMm } from '../../../../drawing/pointed';
import { useUnit, useWords } from '../../../../units/unit';
import { whole } from './edits';
import { EDGE, LANE, seen, type Look } from './look';
import { nudge, type useMoved } from '../useMoved';

const APART_MM = 0.5;

interface HandProps {
  chosen: boolean;
  choose: () => void;
  rows: RowsView;
  width: number;
  scale: number;
  look: Look;
  now: number[];
  moving: ReturnType<typeof useMoved<number[]>>;
}

/** Rows to be moved one by one; numbers count from the front of the book. */
export function HandLane({ chosen, choose, rows, width, scale, look, now, moving }: HandProps) {
  const { unit } = useUnit();
  const words = useWords();
  const { moved, held, show, keep, keepSoon } = moving;
  const x = (mm: number) => EDGE + seen(mm, rows.widthMm, look) * scale;
  const move = (index: number, mm: number) => {
    const low = index === 0 ? 0 : now[index - 1]! + APART_MM;
    const high = index === now.length - 1 ? rows.widthMm : now[index + 1]! - APART_MM;
    const next = now.map((place, i) => (i === index ? whole(between(mm, low, high)) : place));
    show(next);
    return next;
  };
  const number = (index: number) => now.length - index;
  return (
    <div className={`lane lane-hand${chosen ? ' lane-chosen' : ''}`}>
      <svg
        width={width - 2}
        height={LANE + 18}
        role="group"
        aria-label="Rows to be moved, numbered from the front of the book"
      >
        <rect x={EDGE} y={4} width={rows.widthMm * scale} height={LANE - 8} className="cover-face" />
        {now.map((mm, i) => (
          <g
            key={i}
            className="row-handle"
            role="slider"
            tabIndex={0}
            aria-label={`Row ${number(i)}`}
            aria-valuemin={0}
            aria-valuemax={Math.round(rows.widthMm)}
            aria-valuenow={Math.round(mm * 10) / 10}
            aria-valuetext={`${words(rows.rows[number(i) - 1]?.fromLeft ?? rows.width)} from the left edge seen from outside`}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              event.currentTarget.focus();
              held.current = i;
            }}
            onPointerMove={(event) => {
              if (held.current !== null) {
                const mm = pointedMm(event, { left: EDGE, top: 0, scale }).rightMm;
                move(held.current, look === 'outside' ? mm : rows.widthMm - mm);
              }
            }}
            onPointerUp={() => {
              const index = held.current;
              held.current = null;
              if (index !== null && moved) {
                keep(moved, `row ${number(index)} moved`);
              }
            }}
            onKeyDown={(event) => {
              const by = nudge(event, unit);
              if (by) {
                const right = by.right - by.down;
                keepSoon(move(i, now[i]! + (look === 'outside' ? right : -right)), `row ${number(i)} moved`);
              }
            }}
          >
            <rect x={x(mm) - 9} y={2} width={18} height={LANE + 14} className="station-grip" />
            <circle cx={x(mm)} cy={LANE / 2} r={5} className="row-hole" />
            <text x={x(mm)} y={LANE + 12} textAnchor="middle">
              {number(i)}
            </text>
          </g>
        ))}
      </svg>
      <span className="lane-words">
        {chosen ? (
          <>
            <strong>By hand</strong> drag a row, or move it with ← and →
          </>
        ) : (
          <>
            <button type="button" className="lane-plain" onClick={choose}>
              By hand
            </button>{' '}
            rows as they are now; drag one, or move it with ← and →. Numbers count signatures from the front.
          </>
        )}
      </span>
    </div>
  );
}
