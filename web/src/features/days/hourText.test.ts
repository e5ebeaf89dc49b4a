import { expect, test } from 'vitest';
import type { HoursDocument } from '../../api/client';
import { readHours, shownHours } from './hourText';

const none: HoursDocument = { week: [], off: [], presses: 1, boards: 1 };

test('hours are shown as they are typed', () => {
  const read = readHours(none, 'MONDAY', '14-16, 19:30 to 21');
  expect(typeof read === 'string' ? read : shownHours(read, 'MONDAY')).toBe('14:00–16:00, 19:30–21:00');
});

test('hours of another day stay', () => {
  const monday = readHours(none, 'MONDAY', '19-21') as HoursDocument;
  const both = readHours(monday, 'FRIDAY', '9-10') as HoursDocument;
  expect(shownHours(both, 'MONDAY')).toBe('19:00–21:00');
});

test('an empty day has none', () => {
  const monday = readHours(none, 'MONDAY', '19-21') as HoursDocument;
  expect((readHours(monday, 'MONDAY', ' ') as HoursDocument).week).toEqual([]);
});

test('what is no time is told', () => {
  expect(readHours(none, 'MONDAY', 'evening')).toBe('Read “evening”; hours as 19:00–21:00 are wanted.');
});
