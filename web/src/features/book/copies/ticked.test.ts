import { expect, test } from 'vitest';
import type { CopiesView } from '../../../api/client';
import { ticked } from './useCopies';

const row = (number: number, leftOut = false) => ({ number, done: ['CUT'], leftOut });
const view = {
  stages: ['CUT', 'FOLDED', 'SEWN'].map((key) => ({ key, done: 0, of: 2 })),
  rows: [row(1), row(2), row(3, true)],
} as unknown as CopiesView;

test('what comes before a stage is done with it', () => {
  expect(ticked(view, [2], 'SEWN', true).rows.map((one) => one.done)).toEqual([
    ['CUT'],
    ['CUT', 'FOLDED', 'SEWN'],
    ['CUT'],
  ]);
});

test('what comes after a stage is taken back with it', () => {
  const sewn = ticked(view, [1], 'SEWN', true);
  expect(ticked(sewn, [1], 'FOLDED', false).rows[0]?.done).toEqual(['CUT']);
});

test('copies that are left out are not counted', () => {
  expect(ticked(view, [1, 3], 'FOLDED', true).stages.map((one) => one.done)).toEqual([2, 1, 0]);
});
