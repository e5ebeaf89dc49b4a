import type { BookDocument } from '../../../../api/client';

export type Pasted = BookDocument['pages']['pasted'][number];

const withAll = (edit: (pasted: Pasted[]) => Pasted[]) => (document: BookDocument) => ({
  ...document,
  pages: { ...document.pages, pasted: edit(document.pages.pasted) },
});

/** The book with one thing more pasted to a page. */
export const withPasted = (one: Pasted) => withAll((all) => [...all, one]);

/** The book with a thing, counted from 0, pasted otherwise. */
export const withPastedSo = (at: number, change: Partial<Pasted>) =>
  withAll((all) => all.map((one, i) => (i === at ? { ...one, ...change } : one)));

/** The book without a thing, counted from 0. */
export const withoutPasted = (at: number) => withAll((all) => all.filter((_, i) => i !== at));
