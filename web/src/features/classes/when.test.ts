import { expect, test } from 'vitest';
import { dayAndTime, said, sent } from './when';

test('a day and a time are read as they are shown to be typed', () => {
  expect(sent(dayAndTime('2026-12-05T14:00'))).toBe('2026-12-05T14:00');
});

test('a day and a time may stand beside each other', () => {
  expect(sent(' 2026-12-05 14:00 ')).toBe('2026-12-05T14:00');
});

test('nothing typed is nothing sent', () => {
  expect(sent('  ')).toBeUndefined();
});

test('what is no day is sent as it stands, to be told so', () => {
  expect(sent('soon')).toBe('soon');
});

test('a day is said with the name of its month', () => {
  expect(said('2026-12-05T14:00')).toBe('5 December 2026 at 14:00');
  expect(said('2026-08-21')).toBe('21 August 2026');
});
