import { describe, expect, it } from 'vitest';
import { blank, movedTo, toggled, withHole, without, wrapped } from './pattern';

const fold = blank(false);
const block = blank(true);

describe('a stitch', () => {
  it('is sewn between two holes, the first first', () => {
    expect(toggled(fold, true, 3, 1).lines).toEqual([{ outer: true, from: 1, to: 3 }]);
  });

  it('is taken out by drawing it again, whichever way', () => {
    expect(toggled(toggled(fold, true, 1, 3), true, 3, 1).lines).toEqual([]);
  });

  it('on the other face is another one', () => {
    expect(toggled(toggled(fold, true, 1, 3), false, 1, 3).lines).toHaveLength(2);
  });
});

describe('a hole', () => {
  it('set between others is counted from the head, and stitches stay where they are', () => {
    const sewn = toggled(fold, true, 2, 3);
    const more = withHole(sewn, { fromHeadMm: 100, fromSpineMm: 0 });
    expect(more.holes.map((hole) => hole.fromHeadMm)).toEqual([30, 80, 100, 130, 180]);
    expect(more.lines).toEqual([{ outer: true, from: 2, to: 4 }]);
  });

  it('through the side comes last, wherever it is', () => {
    expect(withHole(block, { fromHeadMm: 5, fromSpineMm: 9 }).holes.at(-1)?.fromHeadMm).toBe(5);
  });

  it('taken out takes its stitches with it', () => {
    const sewn = toggled(toggled(fold, true, 1, 2), true, 3, 4);
    const less = without(sewn, 2);
    expect(less.lines).toEqual([{ outer: true, from: 2, to: 3 }]);
  });

  it('of a fold stays between its neighbours', () => {
    expect(movedTo(fold, 2, { fromHeadMm: 500, fromSpineMm: 0 }).holes[1]?.fromHeadMm).toBe(129);
  });
});

describe('wraps of a hole', () => {
  it('go round the spine, then round the nearer end too, then none', () => {
    const once = wrapped(block, 1);
    const twice = wrapped(once, 1);
    expect(once.turns.map((turn) => turn.edge)).toEqual(['SPINE']);
    expect(twice.turns.map((turn) => turn.edge)).toEqual(['SPINE', 'HEAD']);
    expect(wrapped(twice, 1).turns).toEqual([]);
  });

  it('near the tail go round the tail', () => {
    expect(wrapped(wrapped(block, 4), 4).turns.map((turn) => turn.edge)).toEqual(['SPINE', 'TAIL']);
  });
});
