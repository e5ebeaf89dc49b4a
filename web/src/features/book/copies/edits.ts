import type { BookDocument } from '../../../api/client';

type Edition = BookDocument['edition'];
export type CopyKind = Edition['kinds'][number];
type Edit = (document: BookDocument) => BookDocument;

/** The book with its copies wished otherwise. */
export function withEdition(part: Partial<Edition>): Edit {
  return (document) => ({ ...document, edition: { ...document.edition, ...part } });
}

/** One of its kinds of copies changed, counted from 0. */
export function withKind(number: number, part: Partial<CopyKind>): Edit {
  return (document) =>
    withEdition({
      kinds: document.edition.kinds.map((kind, i) => (i === number ? { ...kind, ...part } : kind)),
    })(document);
}

/** Without one of them: its copies are as the book is. */
export function withoutKind(number: number): Edit {
  return (document) => withEdition({ kinds: document.edition.kinds.filter((_, i) => i !== number) })(document);
}

/** With one more, of one copy that was as the book is. */
export function withMoreKind(document: BookDocument): BookDocument {
  const { kinds } = document.edition;
  return withEdition({ kinds: [...kinds, { name: `kind ${kinds.length + 1}`, copies: 1, stocks: [] }] })(document);
}

/** Copies that no kind takes. */
export function left(document: BookDocument): number {
  return document.use.copies - document.edition.kinds.reduce((sum, kind) => sum + kind.copies, 0);
}

/** What a copy is called, counted from 1; names that say nothing at the end of the list are let go. */
export function withName(copy: number, name: string): Edit {
  return (document) => {
    const names = [...document.edition.names];
    while (names.length < copy) {
      names.push('');
    }
    names[copy - 1] = name.trim();
    while (names.length > 0 && names[names.length - 1] === '') {
      names.pop();
    }
    return withEdition({ names })(document);
  };
}
