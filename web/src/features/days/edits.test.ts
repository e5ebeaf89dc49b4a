import { expect, test } from 'vitest';
import type { DaysDocument } from '../../api/client';
import { daysAfter, withAdded, withoutAdded, withStep, withWanted } from './edits';

const none: DaysDocument = { steps: [], added: [] };

test('a step that is left out is named once', () => {
  const once = withStep(none, 'press', { leftOut: true });
  expect(withStep(once, 'press', { leftOut: true }).steps).toEqual([{ key: 'press', leftOut: true }]);
});

test('what is said of a step keeps what was said of it before', () => {
  const moved = withStep(withStep(none, 'sew', { minutes: 90 }), 'sew', { notBefore: '2026-12-01T00:00' });
  expect(moved.steps).toEqual([{ key: 'sew', leftOut: false, minutes: 90, notBefore: '2026-12-01T00:00' }]);
});

test('a step of which nothing is said any more is not named', () => {
  expect(withStep(withStep(none, 'press', { leftOut: true }), 'press', { leftOut: false }).steps).toEqual([]);
});

test('a step may be as early as it goes again and keep its minutes', () => {
  const moved = withStep(withStep(none, 'sew', { minutes: 90 }), 'sew', { notBefore: '2026-12-01T00:00' });
  expect(withStep(moved, 'sew', { notBefore: null }).steps).toEqual([{ key: 'sew', leftOut: false, minutes: 90 }]);
});

test('a book that nobody waits for has no wanted day', () => {
  expect(withWanted(withWanted(none, '2026-12-01'), null)).toEqual(none);
});

test('steps of one’s own get names of their own', () => {
  const step = { words: 'Sand the edges', minutes: 20, lying: 'NOT' as const };
  const two = withAdded(withAdded(none, step), step);
  expect(two.added.map((one) => one.key)).toEqual(['own-1', 'own-2']);
  expect(withAdded(withoutAdded(two, 'own-1'), step).added.map((one) => one.key)).toEqual(['own-2', 'own-3']);
});

test('a day after the last of a month is the first of the next', () => {
  expect(daysAfter('2026-11-30', 1)).toBe('2026-12-01');
  expect(daysAfter('2027-03-01', -1)).toBe('2027-02-28');
});
