import { expect, test } from 'vitest';
import type { BookDocument } from '../../../../api/client';
import { withPasted, withPastedSo, withoutPasted, type Pasted } from './pasted';

const pocket: Pasted = { kind: 'POCKET', page: 3, paper: 0, widthMm: 100, heightMm: 90, holdsMm: 0 };
const book = (pasted: Pasted[]) => ({ pages: { pasted } }) as unknown as BookDocument;

test('one more is pasted after the others', () => {
  expect(withPasted({ ...pocket, page: 5 })(book([pocket])).pages.pasted.map((one) => one.page)).toEqual([3, 5]);
});

test('one is moved, the others stay', () => {
  const two = book([pocket, { ...pocket, page: 5 }]);
  expect(withPastedSo(1, { page: 8 })(two).pages.pasted.map((one) => one.page)).toEqual([3, 8]);
});

test('one is taken out, the others stay', () => {
  const two = book([pocket, { ...pocket, page: 5 }]);
  expect(withoutPasted(0)(two).pages.pasted.map((one) => one.page)).toEqual([5]);
});
