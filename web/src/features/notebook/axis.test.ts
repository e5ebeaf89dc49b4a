import { expect, test } from 'vitest';
import { alike, month, months } from './axis';

const day = (date: string) => Date.parse(date) / 86_400_000;

test.each([
  ['2026-03-10', '2026-06-20', ['Apr 2026', 'May 2026', 'Jun 2026']],
  ['2025-08-13', '2026-12-06', ['Oct 2025', 'Jan 2026', 'Apr 2026', 'Jul 2026', 'Oct 2026']],
  ['2019-05-01', '2026-12-06', ['Jan 2020', 'Jan 2022', 'Jan 2024', 'Jan 2026']],
])('months from %s to %s stand as far apart as each other', (from, to, named) => {
  expect(months(day(from), day(to), 5).map(month)).toEqual(named);
});

test('fewer months are named where there is less room', () => {
  expect(months(day('2025-08-13'), day('2026-12-06'), 3).map(month)).toEqual(['Jan 2026', 'Jul 2026']);
});

test('numbers at an axis have as many places as the longest of them', () => {
  const all = [0.115, 0.12, 0.125, 0.13].map((value) => ({ value }));
  expect(all.map(({ value }) => alike(value, all))).toEqual(['0.115', '0.120', '0.125', '0.130']);
});

test('whole numbers at an axis have no places', () => {
  expect(alike(20, [{ value: 10 }, { value: 20 }])).toBe('20');
});
