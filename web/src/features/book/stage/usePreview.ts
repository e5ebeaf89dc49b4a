import { useRef } from 'react';
import { api, outcome, type BookDocument } from '../../../api/client';
import { useSession } from '../../../state/useSession';

/** Asks for the plan of a book that is not kept yet; one question at a time, always the newest. */
export function usePreview(): (document: BookDocument) => void {
  const { session } = useSession();
  const asking = useRef(false);
  const waiting = useRef<BookDocument | null>(null);
  async function ask(document: BookDocument): Promise<void> {
    if (asking.current) {
      waiting.current = document;
      return;
    }
    asking.current = true;
    const result = await outcome(api.POST('/api/plan', { body: document }));
    asking.current = false;
    if (result.kind === 'value') {
      session.preview(result.value);
    }
    const next = waiting.current;
    waiting.current = null;
    if (next) {
      await ask(next);
    }
  }
  return (document) => void ask(document);
}
