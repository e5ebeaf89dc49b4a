import { describe, expect, it } from 'vitest';
import { unfolded } from './unfold';

describe('a flap round the fore edge', () => {
  // 8 mm round the edge, 40 over the front
  const closed: [number, number][] = [
    [4, -100],
    [-4, -100],
    [-4, -60],
  ];

  it('lies as it does while the book is closed', () => {
    unfolded(closed, 0).forEach((point, i) => {
      expect(point[0]).toBeCloseTo(closed[i]![0], 9);
      expect(point[1]).toBeCloseTo(closed[i]![1], 9);
    });
  });

  it('lies straight out from the back before the book is half open, as long as it is', () => {
    const [, edge, end] = unfolded(closed, 0.4);
    expect(edge).toEqual([4, -108]);
    expect(end).toEqual([4, -148]);
  });

  it('stands off the front on its way', () => {
    const end = unfolded(closed, 0.1)[2]!;
    expect(end[0]).toBeLessThan(-4);
  });
});
