import type { BookDocument, BookView } from '../api/client';

/** A book as the server gives it, as far as a session looks at it. */
export function bookView(version: number, name: string): BookView {
  return {
    id: 'book-1',
    version,
    revision: version,
    document: { name, purpose: '' },
    plan: { title: `plan of ${name}` },
  } as unknown as BookView;
}

/** A change of the name. */
export function called(name: string): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, name });
}
