import type { BookDocument } from '../api/client';
import { keep, kept } from '../browser/kept';

/** A change that is still to be sent: what it is in a few words, and the book after it. */
export interface Change {
  what: string;
  document: BookDocument;
}

/** Changes that wait in the browser's store, and the version they were made on. */
export interface Waiting {
  version: number;
  queue: Change[];
}

const nameOf = (id: string) => `itomichi.waiting.${id}`;

export function keepWaiting(id: string, waiting: Waiting): void {
  keep(nameOf(id), waiting.queue.length > 0 ? JSON.stringify(waiting) : null);
}

/** What waits for a book; nothing where nothing does, or what is there cannot be read. */
export function restored(id: string): Waiting | null {
  try {
    const waiting = JSON.parse(kept(nameOf(id)) ?? 'null') as Waiting | null;
    return waiting && Array.isArray(waiting.queue) && waiting.queue.length > 0 ? waiting : null;
  } catch {
    return null;
  }
}
