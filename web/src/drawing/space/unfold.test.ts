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
    unfolded(closed, closed, 0).forEach((point, i) => {
      expect(point[0]).toBeCloseTo(closed[i]![0], 9);
      expect(point[1]).toBeCloseTo(closed[i]![1], 9);
    });
  });

  it('lies straight out from the back before the book is half open, as long as it is', () => {
    const [, edge, end] = unfolded(closed, closed, 0.4);
    expect(edge).toEqual([4, -108]);
    expect(end).toEqual([4, -148]);
  });

  it('takes with it what is folded in at its end, on the same side', () => {
    // next to the front while it is closed: inside the flap, and so on the side of the front when that lies out
    const [near, far] = unfolded(
      [
        [-3.5, -70],
        [-3.5, -60],
      ],
      closed,
      0.4,
    );
    expect(near![0]).toBeCloseTo(3.5, 9);
    expect(near![1]).toBeCloseTo(-138, 9);
    expect(far![1]).toBeCloseTo(-148, 9);
  });

  it('stands off the front on its way', () => {
    const end = unfolded(closed, closed, 0.1)[2]!;
    expect(end[0]).toBeLessThan(-4);
  });
});
