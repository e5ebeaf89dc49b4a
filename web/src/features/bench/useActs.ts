import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, failure, outcome, type BookCard } from '../../api/client';
import type { Acts } from './Acts';
import { takenUp } from './useBench';

interface Said {
  text: string;
  /** Undoes what was said. */
  again?: () => void;
}

/** What is done with books on the bench, and what is said of it. */
export function useActs() {
  const client = useQueryClient();
  const [said, say] = useState<Said | null>(null);
  const done = async (request: Parameters<typeof outcome>[0], text: string, goes?: BookCard, again?: () => void) => {
    const result = await outcome(request);
    const message = result.kind === 'value' ? null : failure(result);
    say(message === null ? { text, ...(again ? { again } : {}) } : { text: `${message} Nothing was changed.` });
    if (goes && message === null) {
      takenUp(client, goes.id);
    }
    await client.invalidateQueries({ queryKey: ['bench'] });
  };
  const at = (book: BookCard) => ({ params: { path: { id: book.id } } });
  const restore = (book: BookCard) => done(api.POST('/api/books/{id}/restore', at(book)), `“${book.name}” is back.`);
  const acts: Acts = {
    put: (book, onShelf) =>
      done(
        api.PUT('/api/books/{id}/shelf', { ...at(book), body: { onShelf } }),
        onShelf ? `“${book.name}” stands on the shelf.` : `“${book.name}” is back on the bench.`,
        book,
      ),
    remove: (book) =>
      done(api.DELETE('/api/books/{id}', at(book)), `“${book.name}” is removed.`, book, () => void restore(book)),
    copy: (book) =>
      done(
        api.POST('/api/books/{id}/copy', at(book)),
        `A copy of “${book.name}” stands on the bench, nothing done yet.`,
      ),
  };
  return { said, say, acts };
}
