import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { SessionContext } from '../state/useSession';
import type { BookSession } from '../state/session';

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

/** Puts something of a book on a page; answers where it stands, what it asks through, and a way to take it away again. */
export function rendered(session: BookSession, what: ReactNode) {
  const place = document.createElement('div');
  document.body.append(place);
  const root = createRoot(place);
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  act(() =>
    root.render(
      <QueryClientProvider client={client}>
        <SessionContext.Provider value={session}>{what}</SessionContext.Provider>
      </QueryClientProvider>,
    ),
  );
  return {
    place,
    client,
    leave: () =>
      act(() => {
        root.unmount();
        place.remove();
      }),
  };
}
