import { useState } from 'react';
import { api, failure, outcome, type BookCard } from '../../api/client';
import type { Acts } from './Acts';

interface Said {
  text: string;
  /** Undoes what was said. */
  again?: () => void;
}

/** What is done with books on the bench, and what is said of it; `refresh` shows the bench as it then is. */
export function useActs(refresh: () => Promise<unknown>) {
  const [said, say] = useState<Said | null>(null);
  const done = async (request: Parameters<typeof outcome>[0], text: string, again?: () => void) => {
    const result = await outcome(request);
    const message = result.kind === 'value' ? null : failure(result);
    say(message === null ? { text, ...(again ? { again } : {}) } : { text: `${message} Nothing was changed.` });
    await refresh();
  };
  const at = (book: BookCard) => ({ params: { path: { id: book.id } } });
  const restore = (book: BookCard) => done(api.POST('/api/books/{id}/restore', at(book)), `“${book.name}” is back.`);
  const acts: Acts = {
    put: (book, onShelf) =>
      done(
        api.PUT('/api/books/{id}/shelf', { ...at(book), body: { onShelf } }),
        onShelf ? `“${book.name}” stands on the shelf.` : `“${book.name}” is back on the bench.`,
      ),
    remove: (book) =>
      done(api.DELETE('/api/books/{id}', at(book)), `“${book.name}” is removed.`, () => void restore(book)),
    copy: (book) =>
      done(
        api.POST('/api/books/{id}/copy', at(book)),
        `A copy of “${book.name}” stands on the bench, nothing done yet.`,
      ),
  };
  return { said, say, acts };
}
