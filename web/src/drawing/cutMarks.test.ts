import { describe, expect, it } from 'vitest';
import { cutMarks } from './cutMarks';

const upright = (x: number, length: number) => ({ x1: x, y1: 0, x2: x, y2: length });

describe('numbers on cuts', () => {
  it('stand near the end of a cut that lies alone', () => {
    expect(cutMarks([upright(50, 120)])).toEqual([{ x: 50, y: 100 }]);
  });

  it('move along where the next cut is near, so that both are read', () => {
    const [first, second] = cutMarks([upright(50, 120), upright(58, 120)]);
    expect(Math.hypot(first!.x - second!.x, first!.y - second!.y)).toBeGreaterThanOrEqual(20);
  });

  it('are left out where they would lie on each other', () => {
    expect(cutMarks([upright(50, 12), upright(52, 12)])[1]).toBeUndefined();
  });
});
