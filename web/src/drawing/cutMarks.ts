/** A mark on a cut: where its number stands, px. */
export interface CutMark {
  x: number;
  y: number;
}

/** Marks as near as this spoil each other, px. */
const APART = 20;

/** Where along a cut its number may stand, the best place first. */
const PLACES = [5 / 6, 1 / 2, 2 / 3, 1 / 3, 1 / 6];

interface Line {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
}

/** For each cut, where its number stands so that none lies on another; undefined where there is no room for it. */
export function cutMarks(cuts: readonly Line[]): (CutMark | undefined)[] {
  const placed: CutMark[] = [];
  return cuts.map((cut) => {
    const free = PLACES.map((at) => ({ x: cut.x1 + (cut.x2 - cut.x1) * at, y: cut.y1 + (cut.y2 - cut.y1) * at })).find(
      (mark) => placed.every((other) => Math.hypot(mark.x - other.x, mark.y - other.y) >= APART),
    );
    if (free) {
      placed.push(free);
    }
    return free;
  });
}
