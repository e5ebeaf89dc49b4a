import type { CSSProperties } from 'react';
import type { Looks } from '../../api/client';
import { tokenOf } from '../stuffs';
import { standing } from './geometry';
import './bench.css';

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
  // a block without a cover is paper
  const colour = closed.cover ? tokenOf(closed.cover, closed.colour) : 'paper';
  return (
    <g
      className={there ? 'standing' : 'standing standing-planned'}
      style={{ '--standing': `var(--${colour})` } as CSSProperties}
    >
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
