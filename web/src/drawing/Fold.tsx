import type { StationView, StitchView } from '../api/client';
import { Station, type HoleState } from './Station';

export type StitchLook = 'done' | 'live' | 'next';

export interface DrawnStitch extends StitchView {
  look: StitchLook;
}

interface Props {
  face: 'INSIDE' | 'OUTSIDE';
  /** Whether the fold is seen through the paper, from the other side. */
  seenThrough?: boolean;
  /** Whether the head is on the right, as when the work is turned over. */
  turned: boolean;
  heightMm: number;
  stations: readonly StationView[];
  stitches: readonly DrawnStitch[];
  holes: (station: number) => HoleState;
  scale: number;
  left: number;
  top: number;
  depth: number;
  /** The needle, at a station, pointing out of or into this face. */
  needle?: { station: number; coming: boolean } | undefined;
  /** The station where free ends hang. */
  tails?: { station: number; count: number } | undefined;
}

/** One face of the fold, lying from left to right, with its holes and the thread on it. */
export function Fold(props: Props) {
  const { face, seenThrough, turned, heightMm, stations, stitches, holes, scale, left, top, depth, needle, tails } =
    props;
  const width = heightMm * scale;
  const y = top + depth / 2;
  const at = (mm: number) => left + (turned ? heightMm - mm : mm) * scale;
  const place = (number: number) => at(stations[number - 1]?.fromHeadMm ?? 0);
  return (
    <g className={`fold fold-${face.toLowerCase()}${seenThrough ? ' fold-through' : ''}`}>
      <rect x={left} y={top} width={width} height={depth} className="leaf" />
      <line x1={left} x2={left + width} y1={y} y2={y} className={face === 'INSIDE' ? 'valley' : 'peak'} />
      <text x={at(0)} y={top + depth + 16} textAnchor={turned ? 'end' : 'start'} className="end-name">
        head
      </text>
      <text x={at(heightMm)} y={top + depth + 16} textAnchor={turned ? 'start' : 'end'} className="end-name">
        tail
      </text>
      {stitches
        .filter((stitch) => stitch.face === face)
        .map((stitch, i) => (
          <path
            key={i}
            className={`stitch stitch-${stitch.look} on-${face.toLowerCase()}`}
            d={bowed(place(stitch.from), place(stitch.to), y)}
          />
        ))}
      {stations.map((station) => (
        <Station key={station.number} x={at(station.fromHeadMm)} y={y} state={holes(station.number)} />
      ))}
      {tails && tails.count > 0 && <path className="tail-end" d={tailPath(place(tails.station), y, tails.count)} />}
      {needle && <Needle x={place(needle.station)} y={y} coming={needle.coming} />}
    </g>
  );
}

/** A thread lies nearly straight; a slight bow shows where one stitch ends and the next begins. */
function bowed(from: number, to: number, y: number): string {
  const bow = Math.min(7, Math.abs(to - from) / 9);
  return `M ${from} ${y} Q ${(from + to) / 2} ${y - bow} ${to} ${y}`;
}

function tailPath(x: number, y: number, count: number): string {
  const one = `M ${x - 2} ${y} C ${x - 10} ${y + 14}, ${x - 26} ${y + 12}, ${x - 24} ${y + 30}`;
  const two = ` M ${x + 2} ${y} C ${x + 8} ${y - 14}, ${x + 26} ${y - 12}, ${x + 24} ${y - 30}`;
  return count > 1 ? one + two : one;
}

/** The needle beside its hole: its point away from the hole when it comes out of this face, at the hole when it goes in. */
function Needle({ x, y, coming }: { x: number; y: number; coming: boolean }) {
  const far = { x: x + 14, y: y - 46 };
  return (
    <g className="needle">
      <line x1={x} y1={y} x2={far.x} y2={far.y} />
      <circle cx={coming ? x : far.x} cy={coming ? y : far.y} r={coming ? 3.5 : 2.5} />
      <path d={coming ? `M ${far.x} ${far.y} l -5 9 l 8 2 z` : `M ${x} ${y} l -0.5 -10 l 7 2 z`} />
    </g>
  );
}
