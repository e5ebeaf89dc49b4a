import { useCallback, useEffect, useRef, useState } from 'react';
import { api, failure, outcome, type SewingPlace } from '../../api/client';

export interface Place {
  step: number;
  outsideUp: boolean;
}

const RETRY_MS = 1500;

function layDown(id: string) {
  void outcome(
    api.POST('/api/books/{id}/days/{step}/end', { params: { path: { id, step: 'sew' } }, body: { left: true } }),
  );
}

/** The place in the sewing, kept as it is made; while the server is away the newest place waits and is sent when it is back. */
export function usePlace(id: string, start: SewingPlace) {
  const [place, setPlace] = useState<Place>({ step: start.step, outsideUp: start.outsideUp });
  const [lost, setLost] = useState<string | null>(null);
  const wanted = useRef<Place | null>(null);
  const busy = useRef(false);
  const moved = useRef(false);
  const left = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const send = useCallback(async () => {
    const next = wanted.current;
    if (!next || busy.current) {
      return;
    }
    busy.current = true;
    wanted.current = null;
    const result = await outcome(api.PUT('/api/books/{id}/sewing', { params: { path: { id } }, body: next }));
    busy.current = false;
    if (result.kind === 'lost') {
      wanted.current ??= next;
      setLost(result.message);
      timer.current = setTimeout(() => void send(), RETRY_MS);
      return;
    }
    setLost(result.kind === 'value' ? null : failure(result));
    moved.current = true;
    if (!wanted.current && left.current) {
      layDown(id);
    }
    void send();
  }, [id]);

  // The needle is laid down when the table is left: what is not sewn to its end waits to be gone on with. The last place is kept before.
  useEffect(() => {
    left.current = false;
    return () => {
      clearTimeout(timer.current);
      left.current = true;
      if (moved.current && !busy.current && !wanted.current) {
        layDown(id);
      }
    };
  }, [id]);

  const go = useCallback(
    (to: Place) => {
      setPlace(to);
      wanted.current = to;
      void send();
    },
    [send],
  );
  return { place, go, lost };
}
