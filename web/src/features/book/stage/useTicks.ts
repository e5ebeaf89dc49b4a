import { useQuery, useQueryClient, type UseQueryResult } from '@tanstack/react-query';
import { useState } from 'react';
import { failure, type Outcome } from '../../../api/client';

interface Ticked {
  ticked: number[];
  planChanged: boolean;
}

export interface Ticks<T> {
  list: UseQueryResult<T>;
  ticked: number[];
  /** Ticks a line of the list, from 0, or takes its tick away. */
  tick: (line: number, on: boolean) => void;
  /** Begins the list again. */
  clear: () => void;
  /** Why the last tick was not kept. */
  lost: string | null;
}

/** A list of a book that is ticked off at the table; the ticks are kept. */
export function useTicks<T extends Ticked>(
  key: readonly unknown[],
  get: () => Promise<T>,
  put: (ticked: number[]) => Promise<Outcome<T>>,
): Ticks<T> {
  const client = useQueryClient();
  const [lost, setLost] = useState<string | null>(null);
  const list = useQuery({ queryKey: key, queryFn: get, placeholderData: (before) => before });
  const before = list.data;
  const ticked = before?.ticked ?? [];
  const keep = async (next: number[]) => {
    // The tick is seen at once; an answer that was asked for before it knows nothing of it.
    client.setQueryData(key, { ...before, ticked: next, planChanged: false });
    await client.cancelQueries({ queryKey: key }, { revert: false });
    const result = await put(next);
    setLost(result.kind === 'value' ? null : failure(result));
    client.setQueryData(key, result.kind === 'value' ? result.value : before);
  };
  return {
    list,
    ticked,
    tick: (line, on) => void keep(on ? [...ticked, line] : ticked.filter((one) => one !== line)),
    clear: () => void keep([]),
    lost,
  };
}
