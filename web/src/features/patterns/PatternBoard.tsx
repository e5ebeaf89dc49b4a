import { useRef, useState, type PointerEvent } from 'react';
import type { OwnPattern } from '../../api/client';
import { pointedMm } from '../../drawing/pointed';
import { Ruler } from '../../drawing/Ruler';
import { useUnit } from '../../units/unit';
import { faces, halves, movedTo, toggled, withHole, without, wrapped, type Hand } from './pattern';

const LEFT = 34;
const TOP = 40;
/** A fold is drawn as a band so deep; through the side as far from the spine as this, mm. */
const FOLD_DEPTH = 130;
const SIDE_DEPTH_MM = 42;

interface Props {
  pattern: OwnPattern;
  hand: Hand;
  width: number;
  change: (pattern: OwnPattern) => void;
}

/** Holes and the stitches that are to show: holes are set, moved and taken out, stitches drawn by pressing one hole after the other. */
export function PatternBoard({ pattern, hand, width, change }: Props) {
  const { unit } = useUnit();
  const [from, setFrom] = useState<number | null>(null);
  const held = useRef<number | null>(null);
  const scale = (width - 2 * LEFT) / pattern.heightMm;
  const depth = pattern.side ? SIDE_DEPTH_MM * scale : FOLD_DEPTH;
  const [outer, inner] = faces(pattern);
  const at = (hole: OwnPattern['holes'][number]) => ({
    x: LEFT + hole.fromHeadMm * scale,
    y: pattern.side ? TOP + depth - hole.fromSpineMm * scale : TOP + depth / 2,
  });
  const told = (event: PointerEvent<SVGElement>) => {
    const { rightMm, downMm } = pointedMm(event, { left: LEFT, top: TOP, scale });
    return {
      fromHeadMm: halves(rightMm),
      fromSpineMm: pattern.side ? halves(depth / scale - downMm) : 0,
    };
  };
  const press = (hole: number) => {
    if (hand === 'WRAP') {
      change(wrapped(pattern, hole));
    } else if (hand === 'OUTER' || hand === 'INNER') {
      if (from === null) {
        setFrom(hole);
      } else {
        setFrom(null);
        if (from !== hole) {
          change(toggled(pattern, hand === 'OUTER', from, hole));
        }
      }
    }
  };
  /** How many stitches lie between the same holes before this one. */
  const lane = (index: number) =>
    pattern.lines.slice(0, index).filter((other) => {
      const line = pattern.lines[index]!;
      return other.outer === line.outer && other.from === line.from && other.to === line.to;
    }).length;
  const bow = (line: OwnPattern['lines'][number], index: number) => {
    const a = at(pattern.holes[line.from - 1]!);
    const b = at(pattern.holes[line.to - 1]!);
    const span = Math.hypot(b.x - a.x, b.y - a.y);
    const high = (pattern.side ? 5 : Math.min(depth / 2 - 8, 10 + span * 0.16)) + 6 * lane(index);
    const up = line.outer ? -high : high;
    // along a fold outside stitches bow to one side and inside ones to the other; across a block both lie where they lie
    const off = pattern.side
      ? { x: (-up * (b.y - a.y)) / (span || 1), y: (up * (b.x - a.x)) / (span || 1) }
      : { x: 0, y: 2 * up };
    return `M ${a.x} ${a.y} Q ${(a.x + b.x) / 2 + off.x} ${(a.y + b.y) / 2 + off.y} ${b.x} ${b.y}`;
  };
  return (
    <svg
      width={width}
      height={TOP + depth + 34}
      role="group"
      aria-label={`The pattern: ${pattern.holes.length} holes, ${pattern.lines.length} stitches`}
      className="pattern-board"
    >
      <Ruler lengthMm={pattern.heightMm} scale={scale} unit={unit} x={LEFT} y={TOP - 8} />
      <rect
        x={LEFT}
        y={TOP}
        width={pattern.heightMm * scale}
        height={depth}
        className={hand === 'HOLE' ? 'leaf fold-press' : 'leaf'}
        onPointerDown={(event) => hand === 'HOLE' && change(withHole(pattern, told(event)))}
      />
      {!pattern.side && (
        <line
          x1={LEFT}
          x2={LEFT + pattern.heightMm * scale}
          y1={TOP + depth / 2}
          y2={TOP + depth / 2}
          className="peak"
        />
      )}
      {pattern.lines.map((line, i) => (
        <path
          key={i}
          d={bow(line, i)}
          className={`strand strand-done ${line.outer ? 'pattern-outer' : 'pattern-inner'}`}
        />
      ))}
      {pattern.turns.map((turn, i) => {
        const { x, y } = at(pattern.holes[turn.hole - 1]!);
        const end =
          turn.edge === 'SPINE' ? [x, TOP + depth] : [turn.edge === 'HEAD' ? LEFT : LEFT + pattern.heightMm * scale, y];
        return <path key={i} d={`M ${x} ${y} L ${end[0]} ${end[1]}`} className="strand strand-done pattern-turn" />;
      })}
      {pattern.holes.map((hole, i) => {
        const { x, y } = at(hole);
        const number = i + 1;
        return (
          <g
            key={i}
            className={`hole hole-punched pattern-hole${from === number ? ' pattern-from' : ''}`}
            role="button"
            tabIndex={0}
            aria-label={`Hole ${number}${from === number ? ', a stitch begins here' : ''}`}
            onClick={() => press(number)}
            onPointerDown={(event) => {
              if (hand === 'HOLE') {
                event.currentTarget.setPointerCapture(event.pointerId);
                held.current = number;
              }
            }}
            onPointerMove={(event) => held.current === number && change(movedTo(pattern, number, told(event)))}
            onPointerUp={() => {
              held.current = null;
            }}
            onKeyDown={(event) => {
              const steps: Record<string, [number, number]> = {
                ArrowLeft: [-1, 0],
                ArrowRight: [1, 0],
                ArrowUp: [0, 1],
                ArrowDown: [0, -1],
              };
              const step = steps[event.key];
              if (step && hand === 'HOLE') {
                event.preventDefault();
                change(
                  movedTo(pattern, number, {
                    fromHeadMm: hole.fromHeadMm + step[0],
                    fromSpineMm: hole.fromSpineMm + step[1],
                  }),
                );
              } else if ((event.key === 'Delete' || event.key === 'Backspace') && pattern.holes.length > 2) {
                event.preventDefault();
                event.stopPropagation();
                change(without(pattern, number));
              } else if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                press(number);
              }
            }}
          >
            <circle cx={x} cy={y} r={16} className="hole-press" />
            <circle cx={x} cy={y} r={6} />
            <text
              x={x}
              y={y + (pattern.side ? -11 : depth / 2 + 20)}
              textAnchor="middle"
              className="face-number face-number-small"
            >
              {number}
            </text>
          </g>
        );
      })}
      {!pattern.side && (
        <g aria-hidden="true">
          <text x={LEFT + 4} y={TOP + 16} className="end-name">
            {outer}
          </text>
          <text x={LEFT + 4} y={TOP + depth - 6} className="end-name">
            {inner}
          </text>
        </g>
      )}
      {pattern.side && (
        <text x={LEFT + 4} y={TOP + depth + 20} className="end-name">
          spine edge
        </text>
      )}
    </svg>
  );
}
