import { useCallback, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { BookDocument } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { called, keyName } from '../../../ui/keys';
import { BOARD_KEYS } from '../keys';
import { usePreview } from './usePreview';

const SETTLES_MS = 400;
const NUDGE_MM = { MM: 0.5, INCH: 25.4 / 32 };

/**
 * What is being moved in a drawing: shown at once, planned as fast as the server answers, kept when it is let go.
 *
 * @param apply the book with the moved things in it
 */
export function useMoved<T>(apply: (document: BookDocument, moved: T) => BookDocument) {
  const { session, state } = useSession();
  const [moved, setMoved] = useState<T | null>(null);
  const held = useRef<number | null>(null);
  const resting = useRef<{ next: T; what: string; timer: ReturnType<typeof setTimeout> } | null>(null);
  const preview = usePreview();

  // What is kept has caught up with what was moved.
  useEffect(() => {
    if (held.current === null) {
      setMoved(null);
    }
  }, [state.view]);

  const keep = (next: T, what: string) => session.change(what, (document) => apply(document, next));
  const keepNow = useRef(keep);
  useEffect(() => {
    keepNow.current = keep;
  });
  const settle = useCallback(() => {
    const last = resting.current;
    resting.current = null;
    if (last) {
      clearTimeout(last.timer);
      keepNow.current(last.next, last.what);
    }
  }, []);
  // Leaving the drawing keeps what keys have moved, though they have not rested.
  useEffect(() => settle, [settle]);

  return {
    moved,
    held,
    show: (next: T) => {
      setMoved(next);
      preview(apply(state.document, next));
    },
    keep,
    /** Keeps what keys have moved once they rest. */
    keepSoon: (next: T, what: string) => {
      clearTimeout(resting.current?.timer);
      resting.current = { next, what, timer: setTimeout(settle, SETTLES_MS) };
    },
  };
}

/** How far a key moves a thing along each axis, mm; nothing for another key. */
export function nudge(event: KeyboardEvent, unit: 'MM' | 'INCH'): { right: number; down: number } | null {
  const towards = {
    ArrowLeft: { right: -1, down: 0 },
    ArrowRight: { right: 1, down: 0 },
    ArrowUp: { right: 0, down: -1 },
    ArrowDown: { right: 0, down: 1 },
  }[event.key];
  if (!towards || event.ctrlKey || event.altKey) {
    return null;
  }
  event.preventDefault();
  const step = NUDGE_MM[unit] * (event.shiftKey ? 10 : 1);
  return { right: towards.right * step, down: towards.down * step };
}

export function removes(event: KeyboardEvent): boolean {
  return called(BOARD_KEYS, keyName(event)) === 'remove';
}
