import { describe, expect, it } from 'vitest';
import { foreEdge } from './foreEdge';

const leaf = (from: number, back = false) => ({ from, thick: 4, fore: 200, back });

describe('leaves at the fore edge', () => {
  it('lie as they come from the fold where none is folded back', () => {
    expect(foreEdge([leaf(2), leaf(6)]).map((one) => one.lifted)).toEqual([0, 0]);
  });
  it('are lifted by what is folded back inside of them', () => {
    expect(foreEdge([leaf(2, true), leaf(6), leaf(10, true), leaf(14)]).map((one) => one.lifted)).toEqual([0, 4, 4, 8]);
  });
  it('never lie in each other, folded back or not', () => {
    const leaves = [leaf(2, true), leaf(6, true), leaf(10), leaf(14)];
    const places = foreEdge(leaves).flatMap((lies, i) => [
      leaves[i]!.from + lies.lifted,
      ...(lies.back === null ? [] : [lies.back]),
    ]);
    for (let i = 1; i < places.length; i++) {
      expect(places[i]! - places[i - 1]!).toBeGreaterThanOrEqual(4);
    }
  });
  it('come up before what is folded back begins', () => {
    const [, outer] = foreEdge([leaf(2, true), leaf(6)]);
    expect(outer!.liftedFrom).toBeLessThan(200 - 46);
  });
});
