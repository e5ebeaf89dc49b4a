import type { Across } from './bend';

/** A flap is laid flat in the first part of the way: it is out of the way before leaves turn. */
const SOONER = 3;

/** A straight part of a flap: where it begins and which way it goes, closed and on its way out. */
interface Straight {
  closed: { at: Across; to: Across; turn: number };
  out: { at: Across; turn: number };
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
    const { closed, out } = straights.reduce((best, one) => (off(point, one) < off(point, best) ? one : best));
    const [y, z] = [point[0] - closed.at[0], point[1] - closed.at[1]];
    const [cos, sin] = [Math.cos(out.turn - closed.turn), Math.sin(out.turn - closed.turn)];
    return [out.at[0] + y * cos + z * sin, out.at[1] - y * sin + z * cos];
  });
}

/** The straight parts of a flap, each turned by so much of its way back. */
function unfolding(flap: readonly Across[], left: number): Straight[] {
  let at = flap[0]!;
  return flap.slice(1).map((to, i) => {
    const from = flap[i]!;
    // from the way out of the fore edge, by way of the front, to the way back to the spine
    const turned = Math.atan2(from[0] - to[0], from[1] - to[1]);
    const turn = turned < 0 ? turned + 2 * Math.PI : turned;
    const straight = { closed: { at: from, to, turn }, out: { at, turn: turn * left } };
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
    at = [at[0] - long * Math.sin(turn * left), at[1] - long * Math.cos(turn * left)];
    return straight;
  });
}

/** How far a point lies from a straight part of the closed flap. */
function off(point: Across, { closed: { at, to } }: Straight): number {
  const [y, z] = [to[0] - at[0], to[1] - at[1]];
  const long = y * y + z * z || 1;
  const share = Math.max(0, Math.min(1, ((point[0] - at[0]) * y + (point[1] - at[1]) * z) / long));
  return Math.hypot(point[0] - at[0] - share * y, point[1] - at[1] - share * z);
}
