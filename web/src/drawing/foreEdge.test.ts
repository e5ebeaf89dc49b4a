import { describe, expect, it } from 'vitest';
import { foreEdge, SLOPE } from './foreEdge';

const leaf = (from: number, back = 0, fore = 200) => ({ from, thick: 4, fore, back });
const lifts = (...leaves: ReturnType<typeof leaf>[]) => foreEdge(leaves).map((one) => one.lifted);

describe('leaves at the fore edge', () => {
  it('lie as they come from the fold where none is folded back', () => {
    expect(lifts(leaf(2), leaf(6))).toEqual([0, 0]);
  });
  it('are lifted by what is folded back inside of them', () => {
    expect(lifts(leaf(2, 90), leaf(6), leaf(10, 90), leaf(14))).toEqual([0, 4, 4, 8]);
  });
  it('never lie in each other, folded back or not', () => {
    const leaves = [leaf(2, 90), leaf(6, 90), leaf(10), leaf(14)];
    const places = foreEdge(leaves).flatMap(({ lifted }, i) => {
      const { from, thick, back } = leaves[i]!;
      return back > 0 ? [from + lifted, from + lifted + thick] : [from + lifted];
    });
    for (let i = 1; i < places.length; i++) {
      expect(places[i]! - places[i - 1]!).toBeGreaterThanOrEqual(4);
    }
  });
  it('come up before what is folded back begins', () => {
    const [, outer] = foreEdge([leaf(2, 90), leaf(6)]);
    expect(outer!.liftedFrom).toBe(200 - 90 - SLOPE);
  });
  it('are not lifted where they end before it begins', () => {
    expect(lifts(leaf(2, 40), leaf(6, 0, 150))).toEqual([0, 0]);
  });
});
