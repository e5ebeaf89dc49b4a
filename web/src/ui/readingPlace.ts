import { useSyncExternalStore } from 'react';

/** A field that a measuring instrument puts its reading into. */
export interface ReadingPlace {
  id: string;
  label: string;
  put: (text: string) => void;
}

let place: ReadingPlace | null = null;
const listeners = new Set<() => void>();

function set(next: ReadingPlace | null): void {
  place = next;
  listeners.forEach((listener) => listener());
}

/** The field that has, or had last, the focus. */
export function offerReadingPlace(next: ReadingPlace): void {
  set(next);
}

export function leaveReadingPlace(id: string): void {
  if (place?.id === id) {
    set(null);
  }
}

export function useReadingPlace(): ReadingPlace | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => place,
  );
}
