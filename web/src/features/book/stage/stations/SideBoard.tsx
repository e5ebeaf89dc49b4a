import type { PointerEvent } from 'react';
import type { BookDocument, SideView } from '../../../../api/client';
import { between, pointedMm } from '../../../../drawing/pointed';
import { Ruler } from '../../../../drawing/Ruler';
import { useSession } from '../../../../state/useSession';
import { useUnit, useWords } from '../../../../units/unit';
import { useHoles, whole, withSide, type Side } from './edits';
import { nudge, removes, useMoved } from '../useMoved';

type Place = Side['placed'][number];

const LEFT = 44;
const TOP = 58;
const FEWEST = 2;
/** Room that a number of two figures takes beside its hole. */
const NUMBER_BESIDE = 28;

/** Holes as a book keeps them. */
export function asPlaced(side: SideView): Place[] {
  return side.holes.map((hole) => ({ role: hole.role, fromHeadMm: hole.fromHeadMm, fromSpineMm: hole.fromSpineMm }));
}

/** The spine side of the block, its head on the left: holes are dragged anywhere, moved by keys, set by a press, taken out by Delete. */
export function SideBoard({ width, side }: { width: number; side: SideView }) {
  const { session, state } = useSession();
  const { unit } = useUnit();
  const words = useWords();
  const { heightMm } = useHoles();
  const scale = (width - LEFT - 28) / heightMm;
  const deepMm = Math.min(side.widthMm, Math.max(side.creaseMm * 1.8, 190 / scale));
  const byHand = (document: BookDocument, holes: Place[]) => withSide({ byHand: true, placed: holes })(document);
  const { moved, held, show, keep, keepSoon } = useMoved<Place[]>(byHand);
  const holes = moved ?? asPlaced(side);
  const punched = state.document.done.includes('TEMPLATE');
  const x = (mm: number) => LEFT + mm * scale;
  const y = (mm: number) => TOP + mm * scale;
  const onLeaf = (rightMm: number, downMm: number) => ({
    fromHeadMm: whole(between(rightMm, 0, heightMm)),
    fromSpineMm: whole(between(downMm, 0, side.widthMm)),
  });
  const pointed = (event: PointerEvent<SVGElement>) => {
    const { rightMm, downMm } = pointedMm(event, { left: LEFT, top: TOP, scale });
    return onLeaf(rightMm, downMm);
  };
  const move = (index: number, to: { fromHeadMm: number; fromSpineMm: number }) => {
    const next = holes.map((hole, i) => (i === index ? { ...hole, ...to } : hole));
    show(next);
    return next;
  };
  return (
    <svg
      width={width}
      height={TOP + deepMm * scale + 34}
      className="side-board"
      role="group"
      aria-label="The front of the block, its spine edge above, its head on the left"
    >
      <Ruler lengthMm={heightMm} scale={scale} unit={unit} x={LEFT} y={TOP - 8} />
      <Ruler lengthMm={deepMm} scale={scale} unit={unit} x={LEFT - 8} y={TOP} down />
      <rect x={LEFT} y={TOP} width={heightMm * scale} height={deepMm * scale} className="leaf" />
      <line x1={LEFT} x2={x(heightMm)} y1={TOP} y2={TOP} className="spine-edge" />
      {side.loose.map((sheet, i) => (
        <rect
          key={i}
          x={x(sheet.headMm)}
          y={TOP}
          width={sheet.heightMm * scale}
          height={Math.min(sheet.widthMm, deepMm) * scale}
          className={`loose-sheet${sheet.caught ? '' : ' loose-free'}`}
        />
      ))}
      <line x1={LEFT} x2={x(heightMm)} y1={y(side.creaseMm)} y2={y(side.creaseMm)} className="crease-line" />
      <text x={x(heightMm) - 6} y={y(side.creaseMm) + 36} textAnchor="end" className="end-name">
        pages crease here, {words(side.crease)} from the spine
      </text>
      <text x={LEFT} y={TOP + deepMm * scale + 18} className="end-name">
        head
      </text>
      <text x={x(heightMm)} y={TOP + deepMm * scale + 18} textAnchor="end" className="end-name">
        tail
      </text>
      <rect
        x={LEFT}
        y={TOP}
        width={heightMm * scale}
        height={deepMm * scale}
        className="fold-press"
        onPointerUp={(event) =>
          held.current === null &&
          session.change('hole set', (d) => byHand(d, [...holes, { role: 'BY_HAND', ...pointed(event) }]))
        }
      />
      {side.holes.map((hole, i) => {
        const at = holes[i] ?? hole;
        const fault = hole.fault ? `. ${words(hole.fault.words)}` : '';
        return (
          <g
            key={hole.number}
            className={`side-handle${hole.fault ? ` at-fault${hole.fault.weight === 'STOP' ? ' impossible' : ''}` : ''}`}
            role="group"
            tabIndex={0}
            aria-label={`Hole ${hole.number}, ${hole.roleWords}: ${words(hole.fromHead)} from the head, ${words(hole.fromSpine)} from the spine${fault}`}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              event.currentTarget.focus();
              held.current = i;
            }}
            onPointerMove={(event) => held.current !== null && move(held.current, pointed(event))}
            onPointerUp={() => {
              const index = held.current;
              held.current = null;
              if (index !== null && moved) {
                keep(moved, `hole ${index + 1} moved`);
              }
            }}
            onKeyDown={(event) => {
              if (removes(event) && holes.length > FEWEST) {
                event.preventDefault();
                session.change(`hole ${hole.number} taken out`, (d) =>
                  byHand(
                    d,
                    holes.filter((_, other) => other !== i),
                  ),
                );
                return;
              }
              const by = nudge(event, unit);
              if (by) {
                const next = move(i, onLeaf(at.fromHeadMm + by.right, at.fromSpineMm + by.down));
                keepSoon(next, `hole ${hole.number} moved`);
              }
            }}
          >
            <circle cx={x(at.fromHeadMm)} cy={y(at.fromSpineMm)} r={12} className="side-grip" />
            {punched ? (
              <circle cx={x(at.fromHeadMm)} cy={y(at.fromSpineMm)} r={4.5} className="side-ring" />
            ) : (
              <path
                d={`M ${x(at.fromHeadMm) - 4} ${y(at.fromSpineMm) - 4} l 8 8 M ${x(at.fromHeadMm) - 4} ${y(at.fromSpineMm) + 4} l 8 -8`}
                className="side-cross"
              />
            )}
            <HoleNumber
              under={
                hole.role === 'MAIN' ||
                hole.role === 'INNER' ||
                Math.min(x(at.fromHeadMm) - x(0), x(heightMm) - x(at.fromHeadMm)) < NUMBER_BESIDE
              }
              number={hole.number}
              beside={besides(side, i)}
              x={x(at.fromHeadMm)}
              y={y(at.fromSpineMm)}
            />
          </g>
        );
      })}
    </svg>
  );
}

/** Whether the hole nearest to this one lies towards the tail. */
function besides(side: SideView, index: number): boolean {
  const one = side.holes[index]!;
  let nearest = Infinity;
  let towardsTail = true;
  side.holes.forEach((other, i) => {
    const far = Math.hypot(other.fromHeadMm - one.fromHeadMm, other.fromSpineMm - one.fromSpineMm);
    if (i !== index && far < nearest) {
      nearest = far;
      towardsTail = other.fromHeadMm > one.fromHeadMm;
    }
  });
  return towardsTail;
}

/** A hole’s number where nothing is in its way: under main holes and near head and tail, else on the side away from the nearest. */
function HoleNumber({
  number,
  under,
  beside,
  x,
  y,
}: {
  number: number;
  under: boolean;
  beside: boolean;
  x: number;
  y: number;
}) {
  return (
    <text
      x={under ? x : beside ? x - 8 : x + 8}
      y={under ? y + 19 : y + 5}
      textAnchor={under ? 'middle' : beside ? 'end' : 'start'}
    >
      {number}
    </text>
  );
}
