import { expect, test } from 'vitest';
import type { BookDocument } from '../../../../api/client';
import { halfWords, pictureOn, withFacing, withoutFacing, withPicture } from './artwork';

const half = { signature: 1, sheet: 2, back: true, right: false };
const other = { signature: 1, sheet: 3, back: false, right: true };
const empty = { pages: { artwork: { pictures: [], facing: [] } } } as unknown as BookDocument;

test('what is on a half is read back', () => {
  const { artwork } = withPicture(half, 'the moth')(empty).pages;
  expect(pictureOn(artwork, half)).toBe('the moth');
  expect(pictureOn(artwork, other)).toBe('');
});

test('a half holds one picture', () => {
  const twice = withPicture(half, 'the lamp')(withPicture(half, 'the moth')(empty));
  expect(twice.pages.artwork.pictures).toEqual([{ half, words: 'the lamp' }]);
});

test('a picture whose words are taken out is gone', () => {
  expect(withPicture(half, '')(withPicture(half, 'the moth')(empty)).pages.artwork.pictures).toEqual([]);
});

test('two halves are to face each other until that is taken out', () => {
  const wanted = withFacing({ one: half, other })(empty);
  expect(wanted.pages.artwork.facing).toHaveLength(1);
  expect(withoutFacing(0)(wanted).pages.artwork.facing).toEqual([]);
});

test('a half is told by its signature, its sheet, its side and its place', () => {
  expect(halfWords(half)).toBe('signature 1, sheet 2, back left');
});
