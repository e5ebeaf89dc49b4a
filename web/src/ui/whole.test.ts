import { expect, test } from 'vitest';
import { readMinutes, readWhole } from './whole';

test('whole minutes are read', () => {
  expect(readMinutes(' 45 ')).toBe(45);
});

test.each(['soon', '4.5', '-3', '123456'])('%s is no number of minutes', (text) => {
  expect(readMinutes(text)).toBe(`Read “${text}”; whole minutes are wanted, as 45.`);
});

test('a number of more digits is none', () => {
  expect(readWhole('12345', 4)).toBeNull();
});
