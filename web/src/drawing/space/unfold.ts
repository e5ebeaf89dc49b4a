import type { Across } from './bend';

/** A flap is laid flat in the first part of the way: it is out of the way before leaves turn. */
const SOONER = 3;

/**
 * What goes on from the fore edge of the back, round that and over the front, on its way to lying straight out from the back.
 *
 * @param points through the book and out of the spine, the first of them where it goes on from the back
 * @param far how far the book is open, from 0 to 1
 */
export function unfolded(points: readonly Across[], far: number): Across[] {
  const left = Math.max(0, 1 - SOONER * far);
  let at = points[0]!;
  return points.map(([y, z], i) => {
    if (i > 0) {
      const [fromY, fromZ] = points[i - 1]!;
      // from the way out of the fore edge, by way of the front, to the way back to the spine
      const turned = Math.atan2(fromY - y, fromZ - z);
      const turn = (turned < 0 ? turned + 2 * Math.PI : turned) * left;
      const long = Math.hypot(y - fromY, z - fromZ);
      at = [at[0] - long * Math.sin(turn), at[1] - long * Math.cos(turn)];
    }
    return at;
  });
}
