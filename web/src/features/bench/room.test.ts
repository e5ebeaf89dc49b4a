import { describe, expect, it } from 'vitest';
import { inOneLine, tableRoom } from './room';

describe('room on the bench', () => {
  it('is smaller for each book the more there are', () => {
    const heights = [1, 8, 40].map((books) => tableRoom(1232, books).drawing.height);
    expect(heights).toEqual([...heights].sort((a, b) => b - a));
    expect(new Set(heights).size).toBe(3);
  });
  it('is never wider than a telephone', () => {
    expect(tableRoom(336, 40).drawing.width).toBeLessThan(336);
  });
  it('leaves room on the shelf to say how many more there are', () => {
    expect(inOneLine(1232) * 150).toBeLessThanOrEqual(1232 - 150);
  });
});
