import { memo } from 'react';
import type { WayHole } from '../../api/client';
import type { At } from './look';

interface Props {
  holes: readonly WayHole[];
  /** Numbers of the holes that hold thread, joined by commas: a text, so that a row that stays as it is is not drawn again. */
  filled: string;
  across: number | null;
  at: At;
  radius: number;
  press?: ((station: number) => void) | undefined;
  /** What the row is called for who presses its holes. */
  name?: string;
}

/** A row of holes: rings, with a bar the way the thread lies once they hold it. */
export const Holes = memo(function Holes({ holes, filled, across, at, radius, press, name }: Props) {
  const sewn = new Set(filled.split(','));
  return (
    <g>
      {holes.map((hole) => {
        const [x, y] = at(hole.alongMm, across ?? hole.acrossMm);
        const holds = sewn.has(String(hole.number));
        return (
          <g key={hole.number} className={`hole ${holds ? 'hole-sewn' : 'hole-punched'}`}>
            <circle cx={x} cy={y} r={radius} />
            {holds && <line x1={x - radius * 1.7} x2={x + radius * 1.7} y1={y} y2={y} />}
            {press && (
              <circle
                cx={x}
                cy={y}
                r={Math.max(radius, 14)}
                className="hole-press"
                role="button"
                tabIndex={0}
                aria-label={`Hole ${hole.number}${name ? `, ${name}` : ''}`}
                onClick={() => press(hole.number)}
                onKeyDown={(event) => {
                  if (event.key === 'Enter' || event.key === ' ') {
                    event.preventDefault();
                    event.stopPropagation();
                    press(hole.number);
                  }
                }}
              />
            )}
          </g>
        );
      })}
    </g>
  );
});
