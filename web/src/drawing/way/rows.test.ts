import { describe, expect, it } from 'vitest';
import { numbered } from './rows';

const sorted = (told: ReadonlySet<number>) => [...told].sort((a, b) => a - b);

describe('numbers beside rows', () => {
  it('stand at every row that has room', () => {
    expect(sorted(numbered([0, 12, 24], 2, 11))).toEqual([1, 2, 3]);
  });

  it('leave out a row that lies too near to the one in hand', () => {
    // endpapers are thin: their rows lie nearer to their neighbours than the others
    expect(sorted(numbered([0, 8, 20, 32, 40], 1, 11))).toEqual([1, 3, 5]);
    expect(sorted(numbered([0, 8, 20, 32, 40], 2, 11))).toEqual([2, 3, 5]);
  });

  it('stand at every fifth where rows are narrow, and at both ends', () => {
    const places = Array.from({ length: 23 }, (_, i) => i * 4);
    expect(sorted(numbered(places, 1, 11))).toEqual([1, 5, 10, 15, 20, 23]);
  });
});
