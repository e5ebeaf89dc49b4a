import type { BookDocument, BookView, Conflict, PlanView } from '../api/client';

/** How it stands with what was changed. */
export type Keeping =
  | { kind: 'kept' }
  | { kind: 'sending' }
  | { kind: 'lost'; message: string; waiting: number }
  | { kind: 'failed'; message: string; what: string }
  | { kind: 'conflict'; conflict: Conflict };

export interface SessionState {
  view: BookView;
  /** The book as it is on the screen: the kept one with the changes that are still on their way. */
  document: BookDocument;
  /** Its plan, or a preview of it while something is dragged. */
  plan: PlanView;
  keeping: Keeping;
  /** A value that was refused: the field it belongs to, and one line. */
  refusal: { field: string; message: string } | null;
}
