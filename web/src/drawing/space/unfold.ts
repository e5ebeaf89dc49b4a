import type { Across } from './bend';

/** A flap is laid flat in the first part of the way: it is out of the way before leaves turn. */
const SOONER = 3;

/** A straight part of a flap: where it begins and which way it goes, closed and on its way out, and how long it is. */
interface Straight {
  from: Across;
  way: Across;
  long: number;
  outFrom: Across;
  outWay: Across;
}

/**
 * What goes on from the fore edge of the back, round that and over the front, on its way to lying straight out from the back.
 *
 * @param points of what lies on the flap or in it: through the book and out of the spine
 * @param flap the flap itself, the first point of it where it goes on from the back
 * @param far how far the book is open, from 0 to 1
 */
export function unfolded(points: readonly Across[], flap: readonly Across[], far: number): Across[] {
  const straights = unfolding(flap, Math.max(0, 1 - SOONER * far));
  return points.map((point) => {
    const { outFrom, outWay, along, aside } = straights
      .map((straight) => ({ ...straight, ...placed(point, straight) }))
      .reduce((best, one) => (one.off < best.off ? one : best));
    return [outFrom[0] + along * outWay[0] - aside * outWay[1], outFrom[1] + along * outWay[1] + aside * outWay[0]];
  });
}

/** The straight parts of a flap, each turned by so much of its way back. */
function unfolding(flap: readonly Across[], left: number): Straight[] {
  let outFrom = flap[0]!;
  return flap.slice(1).map((to, i) => {
    const from = flap[i]!;
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
    // from the way out of the fore edge, by way of the front, to the way back to the spine
    const turned = Math.atan2(from[0] - to[0], from[1] - to[1]);
    const turn = (turned < 0 ? turned + 2 * Math.PI : turned) * left;
    const outWay: Across = [-Math.sin(turn), -Math.cos(turn)];
    const straight = {
      from,
      way: [(to[0] - from[0]) / (long || 1), (to[1] - from[1]) / (long || 1)] as Across,
      long,
      outFrom,
      outWay,
    };
    outFrom = [outFrom[0] + long * outWay[0], outFrom[1] + long * outWay[1]];
    return straight;
  });
}

/** Where a point lies by a straight part of the closed flap: along it, aside of it, and how far off it. */
function placed(point: Across, { from, way, long }: Straight): { along: number; aside: number; off: number } {
  const [y, z] = [point[0] - from[0], point[1] - from[1]];
  const along = y * way[0] + z * way[1];
  const aside = z * way[0] - y * way[1];
  return { along, aside, off: Math.hypot(aside, along - Math.max(0, Math.min(long, along))) };
}
