import { expect, test } from 'vitest';
import type { BookDocument } from '../../../api/client';
import { left, withKind, withMoreKind, withName, withoutKind } from './edits';

const twelve = {
  use: { copies: 12 },
  edition: { kinds: [], sparePercent: 0, practicePercent: 90, names: [], colophon: '' },
} as unknown as BookDocument;

test('a kind more takes one of the copies that were as the book is', () => {
  expect(left(withMoreKind(twelve))).toBe(11);
});

test('a kind left out gives its copies back', () => {
  const some = withKind(0, { copies: 5 })(withMoreKind(twelve));
  expect(left(some)).toBe(7);
  expect(left(withoutKind(0)(some))).toBe(12);
});

test('only the kind that is meant is changed', () => {
  const two = withMoreKind(withMoreKind(twelve));
  expect(withKind(1, { name: 'red' })(two).edition.kinds.map((kind) => kind.name)).toEqual(['kind 1', 'red']);
});

test('a name far down leaves those before it empty', () => {
  expect(withName(3, ' Fly left ')(twelve).edition.names).toEqual(['', '', 'Fly left']);
});

test('a name taken away takes the empty ones before it along', () => {
  expect(withName(3, '')(withName(3, 'Fly left')(twelve)).edition.names).toEqual([]);
});
