import type { Looks } from '../../api/client';
import { standing } from './geometry';
import './bench.css';

type Stuff = NonNullable<Looks['closed']['cover']>;
type Dye = NonNullable<Looks['closed']['colour']>;

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

interface Props {
  book: Looks;
  scale: number;
  /** Whether it is there; what is only planned is drawn as with a pencil. */
  there: boolean;
}

/** A book standing with its spine towards the eye, its cover turned away to the right; its top left corner is the origin. */
export function StandingBook({ book, scale, there }: Props) {
  const { closed, stations, spineThread, frontThread } = book;
  const drawn = standing(closed, scale);
  const look = closed.cover ? LOOKS[closed.cover] : 'standing-bare';
  const dye = closed.colour ? DYES[closed.colour] : '';
  return (
    <g className={`standing ${look} ${dye} ${there ? '' : 'standing-planned'}`}>
      <polygon className="standing-cover" points={drawn.cover} />
      <polyline className="standing-leaves" points={drawn.leaves} />
      <rect className="standing-spine" width={drawn.spine} height={drawn.height} />
      {closed.spineSeen &&
        spineThread.length === 0 &&
        stations.map((station) => (
          <circle
            key={station.number}
            className="standing-hole"
            cx={drawn.spine / 2}
            cy={station.fromHeadMm * scale}
            r={1.4}
          />
        ))}
      {frontThread.map((places, i) => (
        <polyline key={i} className="standing-stitch" points={drawn.onFront(places)} />
      ))}
      {closed.spineSeen &&
        spineThread.map((places, i) => <polyline key={i} className="standing-stitch" points={drawn.onSpine(places)} />)}
    </g>
  );
}
