import { expect, test } from 'vitest';
import type { BookDocument, PagePlan } from '../../../../api/client';
import { further, hooked, moved, ofPaper, soWide, takenOut } from './moves';

const sheet = { number: 1 };
const signatures = [
  { number: 1, endpapers: true, sheets: [sheet] },
  { number: 2, endpapers: false, sheets: [sheet, sheet] },
  { number: 3, endpapers: false, sheets: [sheet, sheet] },
] as unknown as PagePlan['signatures'];

const book = (recipes: BookDocument['gathering']['recipes']) => ({ gathering: { recipes } }) as unknown as BookDocument;

const papers = (document: BookDocument) =>
  document.gathering.recipes.map((recipe) => recipe.map((one) => one.paper).join(' '));

test('a sheet goes further in', () => {
  expect(further(0, 1)([{ paper: 0 }, { paper: 1 }, { paper: 2 }]).map((one) => one.paper)).toEqual([1, 0, 2]);
});

test('a sheet goes further out', () => {
  expect(further(2, -1)([{ paper: 0 }, { paper: 1 }, { paper: 2 }]).map((one) => one.paper)).toEqual([0, 2, 1]);
});

test('a leaf is hooked in by a stub of its own paper', () => {
  expect(hooked(0, 12)([{ paper: 1 }, { paper: 0 }])).toEqual([{ paper: 1 }, { paper: 1, firstMm: 12 }, { paper: 0 }]);
});

test('what was hooked in is taken out again', () => {
  expect(takenOut(1)(hooked(0, 12)([{ paper: 1 }]))).toEqual([{ paper: 1 }]);
});

test('another paper in one signature leaves the others as they are', () => {
  const after = moved(signatures, 3, 'one', ofPaper(1, 1))(book([]));
  expect(papers(after)).toEqual(['0 0', '0 1']);
  expect(after.gathering.signatures).toBe(2);
});

test('another paper in all signatures is in all that are gathered like it', () => {
  expect(papers(moved(signatures, 2, 'all', ofPaper(0, 1))(book([])))).toEqual(['1 0', '1 0']);
});

test('recipes that are taken in turn stay so where all are meant', () => {
  const before = book([[{ paper: 0 }, { paper: 1 }]]);
  expect(papers(moved(signatures, 3, 'all', further(0, 1))(before))).toEqual(['1 0']);
});

test('one of those that are gathered alike is told apart', () => {
  const before = book([[{ paper: 0 }, { paper: 1 }]]);
  expect(papers(moved(signatures, 3, 'one', further(0, 1))(before))).toEqual(['0 1', '1 0']);
});

test('a half that folds out is told by its width', () => {
  expect(soWide(1, 'secondMm', 240, 148)([{ paper: 0 }, { paper: 1 }])).toEqual([
    { paper: 0 },
    { paper: 1, secondMm: 240 },
  ]);
});

test('a half as wide as the book is like the others again', () => {
  expect(soWide(0, 'firstMm', 148, 148)([{ paper: 0, firstMm: 20 }])).toEqual([{ paper: 0 }]);
});
