import { describe, expect, it } from 'vitest';
import { flat, merged } from './mesh';
import { length, points, tube } from './tube';

const LINE = [0, 0, 0, 30, 0, 0, 30, 0, 0, 30, 40, 0];

describe('a tube about a thread', () => {
  it('goes through every point, those on each other once', () => {
    expect(points(LINE)).toEqual([
      [0, 0, 0],
      [30, 0, 0],
      [30, 40, 0],
    ]);
    expect(length(points(LINE))).toBe(70);
  });

  it('is as thick as the thread everywhere', () => {
    const { positions } = tube(points(LINE), 0.8, 6);
    const line = points(LINE);
    for (let corner = 0; corner < positions.length / 3; corner++) {
      const at = line[Math.floor(corner / 6)]!;
      const off = [0, 1, 2].map((axis) => positions[3 * corner + axis]! - at[axis]!);
      expect(Math.hypot(...off)).toBeCloseTo(0.4, 5);
    }
  });

  it('has its light outside', () => {
    const { positions, normals } = tube(points([0, 0, 0, 10, 0, 0]), 1, 8);
    for (let corner = 0; corner < 16; corner++) {
      expect(positions[3 * corner + 1]! * normals[3 * corner + 1]!).toBeGreaterThanOrEqual(-1e-6);
      expect(normals[3 * corner]).toBeCloseTo(0, 6);
    }
  });

  it('is nothing where there is no way to go', () => {
    expect(tube(points([1, 2, 3]), 1, 6).indices).toHaveLength(0);
  });
});

describe('a sheet', () => {
  it('is as thick as said and goes from head to tail', () => {
    const { positions } = flat(
      [
        [0, 0],
        [0, -50],
      ],
      0.3,
      [
        [2, 90],
        [2, 90],
      ],
    );
    const axis = (k: number) => Array.from(positions).filter((_, i) => i % 3 === k);
    expect([Math.min(...axis(0)), Math.max(...axis(0))]).toEqual([2, 90]);
    expect(Math.max(...axis(1)) - Math.min(...axis(1))).toBeCloseTo(0.3, 6);
    expect([Math.min(...axis(2)), Math.max(...axis(2))]).toEqual([-50, 0]);
  });

  it('keeps its triangles when it is laid together with others', () => {
    const one = flat(
      [
        [0, 0],
        [0, -5],
      ],
      1,
      [
        [0, 1],
        [0, 1],
      ],
    );
    const both = merged([one, one]);
    expect(both.indices).toHaveLength(2 * one.indices.length);
    expect(Math.max(...both.indices)).toBe(both.positions.length / 3 - 1);
  });
});
