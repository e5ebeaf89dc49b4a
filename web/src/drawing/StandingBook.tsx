import type { StationView, StitchView } from '../api/client';

interface Props {
  widthMm: number;
  heightMm: number;
  thicknessMm: number;
  stations: readonly StationView[];
  stitches: readonly StitchView[];
  scale: number;
}

/** How far the cover turns away from the eye. */
const FORESHORTENED = 0.5;
const SLOPE = 0.06;

/** A book standing with its spine towards the eye, its cover turned away to the right. */
export function StandingBook({ widthMm, heightMm, thicknessMm, stations, stitches, scale }: Props) {
  const spine = Math.max(4, thicknessMm * scale);
  const cover = widthMm * scale * FORESHORTENED;
  const h = heightMm * scale;
  const rise = cover * SLOPE;
  const place = (number: number) => (stations[number - 1]?.fromHeadMm ?? 0) * scale;
  return (
    <svg width={spine + cover + 2} height={h + 2} aria-hidden="true" className="standing">
      <path
        className="standing-cover"
        d={`M ${spine + 1} 1 l ${cover} ${rise} v ${h - 2 * rise} l ${-cover} ${rise} z`}
      />
      <path className="standing-leaves" d={`M ${spine + cover + 1} ${rise + 5} v ${h - 2 * rise - 8}`} />
      <rect className="standing-spine" x={1} y={1} width={spine} height={h} />
      {stations.map((station) => (
        <circle
          key={station.number}
          className="standing-hole"
          cx={1 + spine / 2}
          cy={1 + station.fromHeadMm * scale}
          r={1.4}
        />
      ))}
      {stitches.map((stitch, i) => (
        <line
          key={i}
          className="standing-stitch"
          x1={1 + spine / 2}
          x2={1 + spine / 2}
          y1={1 + place(stitch.from)}
          y2={1 + place(stitch.to)}
        />
      ))}
    </svg>
  );
}
