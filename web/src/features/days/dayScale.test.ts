import { expect, test } from 'vitest';
import { across } from './dayScale';

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
