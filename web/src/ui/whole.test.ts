import { expect, test } from 'vitest';
import { readMinutes, readWait, readWhole, showWait } from './whole';

test('whole minutes are read', () => {
  expect(readMinutes(' 45 ')).toBe(45);
});

test.each(['soon', '4.5', '-3', '123456'])('%s is no number of minutes', (text) => {
  expect(readMinutes(text)).toBe(`Read “${text}”; whole minutes are wanted, as 45.`);
});

test('a number of more digits is none', () => {
  expect(readWhole('12345', 4)).toBeNull();
});

test.each([
  ['45', 45],
  ['45 min', 45],
  ['10 h', 600],
  ['1 h 30', 90],
  ['1h 5 min', 65],
])('a wait of %s is read', (text, minutes) => {
  expect(readWait(text)).toBe(minutes);
});

test.each([0, 45, 60, 90, 605])('a wait of %i minutes is read as it is shown', (minutes) => {
  expect(readWait(showWait(minutes))).toBe(minutes);
});

test('overnight is no number of hours', () => {
  expect(readWait('overnight')).toBe('Read “overnight”; hours or minutes are wanted, as 10 h, 1 h 30 or 45.');
});
