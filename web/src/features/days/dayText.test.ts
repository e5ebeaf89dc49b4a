import { expect, test } from 'vitest';
import { readDay, shownDay } from './dayText';

const today = '2026-11-27';

test.each([
  ['18 Dec', '2026-12-18'],
  ['18.12.', '2026-12-18'],
  ['18 December 2027', '2027-12-18'],
  ['Fri 18 Dec 2026', '2026-12-18'],
  ['2026-12-18', '2026-12-18'],
  ['27 Nov', '2026-11-27'],
])('%s is a day', (text, day) => {
  expect(readDay(text, today)).toBe(day);
});

test('a day of the year without its year is the next one', () => {
  expect(readDay('3 March', today)).toBe('2027-03-03');
});

test.each(['tomorrow', '30 Feb', '32.1.2027', '18 Quince'])('%s is none', (text) => {
  expect(readDay(text, today)).toBeNull();
});

test('what is shown can be typed', () => {
  expect(readDay(shownDay('2026-12-18'), today)).toBe('2026-12-18');
});
