import { describe, expect, it } from 'vitest';
import type { Looks } from '../../api/client';
import { benchScale, extent, flatSheets, lying, lyingBlock, standing } from './geometry';

const closed = { widthMm: 150, heightMm: 214, thicknessMm: 20, spineSeen: true };
const book = {
  made: 'BOUND',
  closed,
  sheets: { widthMm: 296, heightMm: 210, thicknessMm: 6 },
  block: { widthMm: 148, heightMm: 210, thicknessMm: 15 },
} as Looks;

const corners = (written: string) => written.split(' ').map((pair) => pair.split(',').map(Number));

describe('a standing book', () => {
  it('is as high and as thick as it is, to scale', () => {
    const drawn = standing(closed, 0.5);
    expect([drawn.height, drawn.spine]).toEqual([107, 10]);
  });
  it('has its thread on its spine, and none beside it', () => {
    const drawn = standing(closed, 0.5);
    expect(corners(drawn.onSpine([10, 100, 40, 300]))).toEqual([
      [5, 50],
      [9.5, 107],
    ]);
  });
  it('is seen though it is as thin as a leaf', () => {
    expect(standing({ ...closed, thicknessMm: 0.1 }, 0.5).spine).toBeGreaterThan(3);
  });
  it('has what lies at the head of its front where its head is drawn', () => {
    const drawn = standing(closed, 1);
    const [, right] = corners(drawn.cover);
    expect(corners(drawn.onFront([150, 0]))[0]).toEqual(right);
  });
});

describe('a pile', () => {
  it('shows the edge towards the eye at its true length and thickness', () => {
    expect(lying(210, 148, 15, 0.5).edge).toMatchObject({ width: 105, height: 7.5 });
  });
  it('has the spine of a block towards the eye', () => {
    expect(lyingBlock(book.block, 1).length).toBe(210);
  });
  it('has the shorter side of flat sheets towards the eye', () => {
    expect(flatSheets(book.sheets, 1).length).toBe(210);
    expect(flatSheets({ ...book.sheets, widthMm: 148, heightMm: 210 }, 1).length).toBe(148);
  });
  it('has thread on its edge from the lower side up', () => {
    const drawn = lying(210, 148, 15, 1);
    expect(corners(drawn.onEdge([5, 20]))).toEqual([[20, Number((drawn.height - 5).toFixed(1))]]);
  });
  it('folds its top in the middle', () => {
    const drawn = lying(200, 100, 10, 1);
    const [[left], [right]] = corners(drawn.across(0.5)) as [[number, number], [number, number]];
    expect([left, right]).toEqual([drawn.away.x / 2, 200 + drawn.away.x / 2]);
  });
});

describe('the scale of a bench', () => {
  it('is one for all, and the largest fits', () => {
    const large = { ...book, closed: { ...closed, heightMm: 400 } };
    const scale = benchScale([book, large], { width: 300, height: 200 }, 2);
    expect(extent(large, scale).height).toBeCloseTo(200);
  });
  it('draws no small book larger than said', () => {
    expect(benchScale([book], { width: 3000, height: 2000 }, 0.8)).toBe(0.8);
  });
  it('leaves room for the planned book behind what lies there', () => {
    const cut = { ...book, made: 'CUT' } as Looks;
    expect(extent(cut, 1).height).toBeGreaterThan(extent(book, 1).height);
  });
});
