import { describe, expect, test } from 'vitest';
import { across, naming, weeksNamed } from './dayScale';

const evening = (index: number) => ({
  date: `2026-11-${30 - index}`,
  name: '',
  off: false,
  hours: [{ from: index + 19 / 24, to: index + 21 / 24 }],
});
const idle = (index: number) => ({ ...evening(index), hours: [] });

test('a day begins where the one before ends', () => {
  expect(across([evening(0), evening(1)], 1)).toBeCloseTo(1);
});

test('an evening of two hours takes most of the width of its day', () => {
  const days = [evening(0)];
  expect(across(days, 21 / 24) - across(days, 19 / 24)).toBeCloseTo(0.72);
});

test('what lies between the hours is drawn together, in its order', () => {
  const days = [evening(0)];
  expect(across(days, 9.5 / 24)).toBeCloseTo(((9.5 / 22) * 28) / 100);
  expect(across(days, 22.5 / 24)).toBeGreaterThan(across(days, 21 / 24));
});

test('a day without hours is as wide as its time', () => {
  expect(across([idle(0)], 0.25)).toBeCloseTo(0.25);
});

test('what was before today lies at the edge, and what comes after the last day too', () => {
  expect(across([evening(0)], -3)).toBe(0);
  expect(across([evening(0)], 5)).toBe(1);
});

test('days are named in full where there is room, then above each other, then by the week', () => {
  expect(naming(14, 1240)).toBe('line');
  expect(naming(20, 1240)).toBe('line');
  expect(naming(37, 1240)).toBe('above');
  expect(naming(37, 340)).toBe('weeks');
});

describe('where only weeks are named', () => {
  const WEEK = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
  const from = (first: number, count: number) =>
    Array.from({ length: count }, (_, i) => ({ name: `${WEEK[(first + i) % 7]} ${i + 1} Dec` }));

  test('the first day is named too where the next Monday leaves it room', () => {
    expect([...weeksNamed(from(0, 28), 340)]).toEqual([0, 7, 14, 21]);
    // the last Monday is the last day: its name would be cut off
    expect([...weeksNamed(from(1, 28), 340)]).toEqual([0, 6, 13, 20]);
    expect([...weeksNamed(from(6, 28), 340)]).toEqual([1, 8, 15, 22]);
  });

  test('no name lies over the next, however many weeks there are', () => {
    const named = [...weeksNamed(from(2, 120), 340)];
    const apart = named.slice(1).map((day, i) => ((day - named[i]!) * 340) / 120);
    expect(Math.min(...apart)).toBeGreaterThanOrEqual(50);
  });
});
