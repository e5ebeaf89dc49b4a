import { expect, test } from 'vitest';
import { backToLast, beginning, restored, through, ticked } from './front';

const third = { ...beginning(4), step: 2 };

test('who has done the move that is shown is through', () => {
  expect(through(ticked(third, 1))).toBe(1);
});

test('a tick taken away leaves the one at the move that is shown', () => {
  expect(ticked(ticked(third, 1), 1).done).toEqual([0, 2, 0, 0]);
});

test('whoever is farthest behind is gone back to', () => {
  const some = { ...third, done: [3, 1, 2, 3] };
  expect(backToLast(some).step).toBe(1);
});

test('nobody is gone on to', () => {
  expect(backToLast({ ...third, done: [5, 5, 5, 5] }).step).toBe(2);
});

test('what was kept is found again', () => {
  const kept = ticked(third, 3);
  expect(restored(JSON.stringify(kept), 4, 9)).toEqual(kept);
});

test('more who come begin with nothing done, and fewer moves are as far as it goes', () => {
  expect(restored(JSON.stringify({ step: 8, turned: false, done: [8] }), 2, 5)).toEqual({
    step: 5,
    turned: false,
    done: [5, 0],
  });
});

test('what cannot be read is a beginning', () => {
  for (const text of [null, '', 'soon', '[]', '{"step":"two","done":{}}']) {
    expect(restored(text, 2, 5)).toEqual(beginning(2));
  }
});
