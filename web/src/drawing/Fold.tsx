import type { StationView } from '../api/client';
import { Station, type HoleState } from './Station';

interface Props {
  face: 'INSIDE' | 'OUTSIDE';
  /** Whether the fold is seen through the paper, from the other side. */
  seenThrough?: boolean;
  /** Whether the head is on the right, as when the work is turned over. */
  turned: boolean;
  heightMm: number;
  stations: readonly StationView[];
  holes: (station: number) => HoleState;
  scale: number;
  left: number;
  top: number;
  depth: number;
}

/** One face of the fold, lying from left to right, with its holes. */
export function Fold(props: Props) {
  const { face, seenThrough, turned, heightMm, stations, holes, scale, left, top, depth } = props;
  const width = heightMm * scale;
  const y = top + depth / 2;
  const at = (mm: number) => left + (turned ? heightMm - mm : mm) * scale;
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
      {stations.map((station) => (
        <Station key={station.number} x={at(station.fromHeadMm)} y={y} state={holes(station.number)} />
      ))}
    </g>
  );
}
