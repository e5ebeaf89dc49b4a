import { createContext, useContext, useEffect, useMemo, useSyncExternalStore } from 'react';
import type { BookView } from '../api/client';
import type { SessionState } from './keeping';
import { BookSession } from './session';

/** Opens a session for a book that was fetched; it closes with the screen. */
export function useNewSession(view: BookView): BookSession {
  // One session for each book: what the server says later of the same book comes through the session itself.
  const session = useMemo(() => new BookSession(view), [view]);
  useEffect(() => {
    session.open();
    return () => session.close();
  }, [session]);
  return session;
}

export const SessionContext = createContext<BookSession | null>(null);

/** The session of the book on the screen, and how it stands. */
export function useSession(): { session: BookSession; state: SessionState } {
  const session = useContext(SessionContext);
  if (!session) {
    throw new Error('There is no book on this screen');
  }
  return { session, state: useSyncExternalStore(session.subscribe, session.snapshot) };
}
