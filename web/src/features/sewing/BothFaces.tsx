import { useRef } from 'react';
import type { PlanView, Sewn } from '../../api/client';
import { Fold, type DrawnStitch } from '../../drawing/Fold';
import type { HoleState } from '../../drawing/Station';
import { useSize } from '../../ui/useSize';
import type { Place } from './usePlace';

const LEFT = 20;

/** Both faces of the fold: the one towards the binder large, the other below it as if seen through the paper. */
export function BothFaces({ plan, sewing, place }: { plan: PlanView; sewing: Sewn; place: Place }) {
  const room = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(room);
  const { steps, stations } = sewing;
  const heightMm = plan.leaf.heightMm;
  const scale = Math.max(0.1, (width - 2 * LEFT) / heightMm);
  const now = steps[place.step];
  const stitches: DrawnStitch[] = steps.flatMap((step) =>
    step.stitches
      .filter(() => step.number <= place.step + 1)
      .map((stitch) => ({
        ...stitch,
        look:
          step.number === place.step + 1
            ? ('next' as const)
            : step.number === place.step
              ? ('live' as const)
              : ('done' as const),
      })),
  );
  const filled = new Set(steps.slice(0, place.step).map((step) => step.station));
  const holes = (station: number): HoleState => (filled.has(station) ? 'sewn' : 'punched');
  const front = place.outsideUp ? 'OUTSIDE' : 'INSIDE';
  const behind = place.outsideUp ? 'INSIDE' : 'OUTSIDE';
  const frontDepth = Math.max(70, Math.min(210, height * 0.5 - 40));
  const behindDepth = Math.max(44, Math.min(120, height * 0.3 - 30));
  const behindTop = frontDepth + 86;
  const first = steps[0];
  const tailFace = first && first.face === 'OUTSIDE' ? 'INSIDE' : 'OUTSIDE';
  const tails = (face: string) =>
    first && face === tailFace && place.step > 0
      ? { station: first.station, count: place.step >= steps.length - 1 ? 2 : 1 }
      : undefined;
  const needle = (face: string) => (now && !now.ties ? { station: now.station, coming: now.face === face } : undefined);
  const common = {
    turned: place.outsideUp,
    heightMm,
    stations,
    stitches,
    holes,
    scale,
    left: LEFT,
  };
  const name = { INSIDE: 'Inside', OUTSIDE: 'Outside' };
  return (
    <div className="faces" ref={room}>
      {width > 0 && (
        <svg
          width={width}
          height={behindTop + behindDepth + 26}
          role="img"
          aria-label={`${name[front]} towards you, head on the ${place.outsideUp ? 'right' : 'left'}; ${place.step} of ${steps.length} moves sewn${now ? `; next: ${place.outsideUp ? now.outsideUp.mm : now.insideUp.mm}` : ''}`}
        >
          <text x={LEFT} y={20} className="face-name">
            {name[front]}, towards you
          </text>
          <Fold {...common} face={front} top={28} depth={frontDepth} needle={needle(front)} tails={tails(front)} />
          <g aria-hidden="true" className="face-numbers">
            {stations.map((station) => (
              <text
                key={station.number}
                x={LEFT + (place.outsideUp ? heightMm - station.fromHeadMm : station.fromHeadMm) * scale}
                y={28 + frontDepth / 2 + 30}
                textAnchor="middle"
                className={now?.station === station.number ? 'face-number face-number-next' : 'face-number'}
              >
                {station.number}
              </text>
            ))}
          </g>
          <text x={LEFT} y={behindTop - 8} className="face-name">
            {name[behind]}, seen through
          </text>
          <Fold {...common} face={behind} seenThrough top={behindTop} depth={behindDepth} tails={tails(behind)} />
        </svg>
      )}
    </div>
  );
}
