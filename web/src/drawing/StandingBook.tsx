import type { BookCard, StationView } from '../api/client';

interface Props {
  widthMm: number;
  heightMm: number;
  thicknessMm: number;
  stations: readonly StationView[];
  /** Thread on the spine: from its left edge and from the head, mm, one after the other. */
  thread: readonly (readonly number[])[];
  /** Thread on the front: from the spine and from the head, mm, one after the other. */
  front: readonly (readonly number[])[];
  scale: number;
  /** What is seen of its cover; nothing where it has none yet. */
  cover?: BookCard['cover'];
  /** Its colour, where that is known. */
  colour?: BookCard['colour'];
  /** Whether its sewing is seen on the spine. */
  spineSeen: boolean;
}

type Stuff = NonNullable<BookCard['cover']>;

/** Each stuff has a look of its own; a block without a cover is paper. */
const LOOKS: Record<Stuff, string> = {
  BOARD: 'standing-board',
  CARD: 'standing-card',
  CLOTH: 'standing-cloth',
  LEATHER: 'standing-leather',
  PAPER: 'standing-paper',
  OPEN_CLOTH: 'standing-cloth',
  RIBBON: 'standing-cloth',
  CORD: 'standing-cloth',
  HEADBAND: 'standing-cloth',
};

type Dye = NonNullable<BookCard['colour']>;

const DYES: Record<Dye, string> = {
  UNDYED: 'dye-undyed',
  MADDER: 'dye-madder',
  WELD: 'dye-weld',
  VERDIGRIS: 'dye-verdigris',
  INDIGO: 'dye-indigo',
  PLUM: 'dye-plum',
  ASH: 'dye-ash',
  SOOT: 'dye-soot',
};

/** How far the cover turns away from the eye. */
const FORESHORTENED = 0.5;
const SLOPE = 0.06;

/** A book standing with its spine towards the eye, its cover turned away to the right. */
export function StandingBook({
  widthMm,
  heightMm,
  thicknessMm,
  stations,
  thread,
  front,
  scale,
  cover: stuff,
  colour,
  spineSeen,
}: Props) {
  const spine = Math.max(4, thicknessMm * scale);
  const cover = widthMm * scale * FORESHORTENED;
  const h = heightMm * scale;
  const rise = cover * SLOPE;
  const spread = spine / Math.max(0.1, thicknessMm);
  const pairs = (points: readonly number[]) => {
    const places: string[] = [];
    for (let i = 0; i + 1 < points.length; i += 2) {
      const x = Math.max(1.5, Math.min(spine + 0.5, 1 + points[i]! * spread));
      places.push(`${x.toFixed(1)},${(1 + points[i + 1]! * scale).toFixed(1)}`);
    }
    return places.join(' ');
  };
  // the front turns away to the right: it narrows, and its head falls towards the fore edge
  const onFront = (points: readonly number[]) => {
    const places: string[] = [];
    for (let i = 0; i + 1 < points.length; i += 2) {
      const across = points[i]! * scale * FORESHORTENED;
      const fallen = across * SLOPE;
      const along = fallen + points[i + 1]! * scale * (1 - (2 * fallen) / h);
      places.push(`${(1 + spine + across).toFixed(1)},${(1 + along).toFixed(1)}`);
    }
    return places.join(' ');
  };
  return (
    <svg
      width={spine + cover + 2}
      height={h + 2}
      aria-hidden="true"
      className={`standing ${stuff ? LOOKS[stuff] : 'standing-bare'} ${colour ? DYES[colour] : ''}`}
    >
      <path
        className="standing-cover"
        d={`M ${spine + 1} 1 l ${cover} ${rise} v ${h - 2 * rise} l ${-cover} ${rise} z`}
      />
      <path className="standing-leaves" d={`M ${spine + cover + 1} ${rise + 5} v ${h - 2 * rise - 8}`} />
      <rect className="standing-spine" x={1} y={1} width={spine} height={h} />
      {spineSeen &&
        stations.map((station) => (
          <circle
            key={station.number}
            className="standing-hole"
            cx={1 + spine / 2}
            cy={1 + station.fromHeadMm * scale}
            r={1.4}
          />
        ))}
      {front.map((points, i) => (
        <polyline key={i} className="standing-stitch" points={onFront(points)} />
      ))}
      {spineSeen && thread.map((points, i) => <polyline key={i} className="standing-stitch" points={pairs(points)} />)}
    </svg>
  );
}
