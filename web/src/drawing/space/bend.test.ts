import { describe, expect, it } from 'vitest';
import { bundled, hingeAt, opened, share, side, uncovered } from './bend';
import { sample } from './sample';

const book = sample();
const { profiles } = book;
const [first, second, cover] = [profiles[0]!, profiles[1]!, profiles[2]!];

describe('a book that is opened', () => {
  const hinge = hingeAt(book, 2)!;

  it('is opened at the inside of the fold', () => {
    expect(hinge).toEqual({ signature: 2, y: 1, z: -0.2 });
  });

  it('lays the signatures before to the one side and those after to the other', () => {
    expect(side(first, 6, hinge)).toBe(-1);
    expect(side(second, 0, hinge)).toBe(-1);
    expect(side(second, 3, hinge)).toBe(0);
    expect(side(second, 6, hinge)).toBe(1);
    expect(side(cover, 0, hinge)).toBe(-1);
    expect(side(cover, 4, hinge)).toBe(1);
  });

  it('turns a board whole, by its end at the spine', () => {
    const board = { ...cover, part: 'BOARD_IN_CLOTH' as const, across: [0.4, -62, -0.6, -5], turn: 0 };
    const first = hingeAt(book, 1)!;
    expect(first.y).toBe(0);
    expect([side(board, 0, first), side(board, 1, first)]).toEqual([-1, -1]);
  });

  it('keeps what is glued on a board straight with it', () => {
    const board = { ...cover, part: 'BOARD_IN_CLOTH' as const, across: [-0.6, -62, -0.6, -5], turn: 0 };
    const cloth = { ...cover, part: 'CLOTH' as const, across: [-0.8, -30, -0.8, -5, 0.5, 0.4], turn: 2 };
    const hinge = hingeAt({ ...book, profiles: [...profiles, board] }, 2)!;
    const [fore, near] = opened(board, hinge, 1);
    const [on] = opened(cloth, hinge, 1);
    const long = Math.hypot(fore![0] - near![0], fore![1] - near![1]);
    // how far off the board's line: 0.2, as it lay closed
    const off = (fore![0] - near![0]) * (on![1] - near![1]) - (fore![1] - near![1]) * (on![0] - near![0]);
    expect(Math.abs(off) / long).toBeCloseTo(0.2, 1);
  });

  it('leaves what is at the fold where it was, and turns the rest by a right angle', () => {
    const points = opened(second, hinge, 1);
    expect(points[3]).toEqual([1, -0.1]);
    const [end, before] = [points[0]!, points[1]!];
    expect(end[0] - before[0]).toBeCloseTo(-30, 6);
    expect(end[1] - before[1]).toBeCloseTo(0, 6);
    expect(points[6]![0] - points[5]![0]).toBeCloseTo(30, 6);
  });

  it('keeps leaves as far from each other as they lay', () => {
    const other = { ...second, across: second.across.map((at, i) => (i % 2 === 0 ? at - 0.2 : at)) };
    const [one, two] = [opened(second, hinge, 1), opened(other, hinge, 1)];
    for (const i of [0, 1, 2]) {
      expect(Math.hypot(one[i]![0] - two[i]![0], one[i]![1] - two[i]![1])).toBeCloseTo(0.2, 6);
    }
    // below the other: farther from whoever looks into the opening
    expect(two[0]![1]).toBeGreaterThan(one[0]![1]);
  });

  it('turns the upper leaves alone of a section that lies back to back with another', () => {
    const away = { ...second, across: second.across.map((at, i) => (i % 2 === 0 ? at : -at)) };
    const alone = hingeAt({ ...book, profiles: [first, away], backToBack: true }, 2)!;
    expect(alone).toEqual({ signature: 2, y: 1, z: 0.2, alone: 1 });
    const points = opened(away, alone, 1);
    expect(points.slice(0, 4).flat()).toEqual(away.across.slice(0, 8));
    const [before, end] = [points[5]!, points[6]!];
    expect(end[0] - before[0]).toBeCloseTo(30 * Math.sin(0.85 * Math.PI), 6);
    expect(end[1] - before[1]).toBeCloseTo(30 * Math.cos(0.85 * Math.PI), 6);
    expect(opened(first, alone, 1).flat()).toEqual(first.across);
  });

  it('is closed where it is not opened', () => {
    expect(opened(second, hinge, 0).flat()).toEqual(second.across);
    expect(opened(second, null, 1).flat()).toEqual(second.across);
  });

  it('lets no leaf become longer than it is past the bend', () => {
    const points = opened(second, hinge, 1);
    const long = Math.hypot(points[0]![0] - points[1]![0], points[0]![1] - points[1]![1]);
    expect(long).toBeCloseTo(30, 6);
  });

  it('bends more and more, from nothing to all of it', () => {
    expect(share(-5)).toBe(0);
    expect(share(0)).toBe(0);
    expect(share(100)).toBe(1);
    expect(share(5)).toBeLessThan(share(10));
  });
});

describe('a block of single sheets', () => {
  const leaves = [0, 1, 2].map((i) => ({
    ...first,
    across: [i, 0, i, -60],
    turn: 0,
  }));
  const block = { ...book, profiles: leaves, folded: false, holes: [] };

  it('is opened between two leaves', () => {
    const hinge = hingeAt(block, 2)!;
    expect(hinge.y).toBeCloseTo(1.101, 6);
    expect(leaves.map((leaf) => side(leaf, 1, hinge))).toEqual([-1, -1, 1]);
  });

  it('is not opened after its last leaf', () => {
    expect(hingeAt(block, 3)).toBeNull();
  });
});

describe('single leaves that are held', () => {
  const leaf = { ...first, across: [0, 0, 0, -8, 0, -60], turn: 0 };
  const block = { ...book, profiles: [leaf, { ...leaf, across: [1, 0, 1, -8, 1, -60] }], folded: false };
  const hole = { signature: 1, station: 1, ends: [20, 0, -10, 20, 2, -10], wideMm: 1 };

  it('turn past their holes alone', () => {
    const hinge = hingeAt({ ...block, holes: [hole] }, 1)!;
    expect(hinge.z).toBe(-10);
    expect(opened(leaf, hinge, 1).slice(0, 2).flat()).toEqual([0, 0, 0, -8]);
  });

  it('turn past a strip of board where that is deeper', () => {
    const strip = { ...leaf, part: 'STRIP' as const, across: [-1, -18, -1, 0] };
    const hinge = hingeAt({ ...block, profiles: [...block.profiles, strip], holes: [hole] }, 1)!;
    expect(hinge.z).toBe(-18);
  });
});

describe('what can be seen whole', () => {
  const three = [1, 2, 3].flatMap((signature) => [0, 1].map(() => ({ ...first, signature })));
  const seen = (hinge: { signature: number; y: number; z: number } | null, upTo = Infinity) => {
    const bare = uncovered({ profiles: three, heightMm: 100, folded: true }, hinge, upTo);
    return three.map((one) => bare(one));
  };

  it('is the outside of a closed block', () => {
    expect(seen(null)).toEqual([false, true, false, false, false, true]);
  });

  it('is the opening, too', () => {
    expect(seen({ signature: 2, y: 0, z: 0 })).toEqual([false, true, true, false, false, true]);
  });

  it('is the last that hands have', () => {
    expect(seen(null, 2).slice(0, 4)).toEqual([false, true, false, true]);
  });

  it('is every signature where they are not alike', () => {
    const short = { ...first, signature: 2, toMm: 80 };
    const bare = uncovered({ profiles: [first, short], heightMm: 100, folded: true }, null, Infinity);
    expect([bare(first), bare(short), bare(cover)]).toEqual([true, true, true]);
  });
});

describe('signatures instead of sheets', () => {
  it('are each as thick as their sheets together', () => {
    const sheet = {
      part: 'SHEET' as const,
      paper: 0,
      fromMm: 0,
      toMm: 100,
      thickMm: 0.2,
      across: [0, 0],
      turn: 0,
      cuts: [],
    };
    const nests = bundled([
      { ...sheet, signature: 1 },
      { ...sheet, signature: 1, across: [1, 0] },
      { ...sheet, signature: 1, across: [2, 0] },
      { ...sheet, signature: 2, thickMm: 0.3 },
    ]);
    expect(nests.map((one) => one.signature)).toEqual([1, 2]);
    expect(nests[0]!.thickMm).toBeCloseTo(0.6);
    expect(nests[0]!.across).toEqual([1, 0]);
    expect(nests[1]!.thickMm).toBe(0.3);
  });
});
