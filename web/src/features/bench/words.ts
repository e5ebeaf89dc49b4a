import type { BookCard } from '../../api/client';
import { STAGES } from '../../ui/stages';

/** Where in the order of work a book is. */
export function stageName(stage: BookCard['stage']): string {
  return STAGES.find((one) => one.key === stage)?.name ?? '';
}

/** Where a book is gone on with. */
export function bookPlace(book: BookCard): string {
  return `/books/${book.id}/${book.finished ? 'finish' : book.stage.toLowerCase()}`;
}
