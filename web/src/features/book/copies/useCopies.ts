import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, failure, outcome, value, type CopiesView, type CopyStage, type Outcome } from '../../../api/client';
import { useSession } from '../../../state/useSession';

/** The copies of the book, and what is done to them; what a tick changes is seen at once. */
export function useCopies() {
  const client = useQueryClient();
  const { id, version } = useSession().state.view;
  const [said, setSaid] = useState<string | null>(null);
  const key = ['copies', id, version];
  const copies = useQuery({
    queryKey: key,
    queryFn: () => value(api.GET('/api/books/{id}/copies', { params: { path: { id } } })),
    placeholderData: (before) => before,
  });
  const supplies = useQuery({
    queryKey: ['copies-supplies', id, version],
    queryFn: () => value(api.GET('/api/books/{id}/supplies/copies', { params: { path: { id } } })),
    placeholderData: (before) => before,
  });
  // of every version: a later one may have been asked for before this was kept
  const again = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: ['copies', id] }),
      client.invalidateQueries({ queryKey: ['copies-supplies', id] }),
    ]);
  const act = async (request: Promise<Outcome<CopiesView>>, before?: CopiesView) => {
    const result = await request;
    setSaid(result.kind === 'value' ? null : failure(result));
    if (result.kind === 'value') {
      client.setQueryData(key, result.value);
    } else if (before) {
      client.setQueryData(key, before);
    }
    await again();
  };
  const path = { params: { path: { id } } };
  const of = (copy: number) => ({ params: { path: { id, copy } } });
  return {
    copies,
    supplies,
    said,
    tick: async (numbers: number[], stage: CopyStage, done: boolean) => {
      const before = copies.data;
      if (before) {
        client.setQueryData(key, ticked(before, numbers, stage, done));
      }
      await client.cancelQueries({ queryKey: key }, { revert: false });
      await act(
        outcome(api.PUT('/api/books/{id}/copies/ticks', { ...path, body: { copies: numbers, stage, done } })),
        before,
      );
    },
    spoil: (copy: number, at: CopyStage) =>
      act(outcome(api.POST('/api/books/{id}/copies/{copy}/spoilt', { ...of(copy), body: { at } }))),
    mend: (spoilt: string) =>
      act(outcome(api.DELETE('/api/books/{id}/copies/spoilt/{spoilt}', { params: { path: { id, spoilt } } }))),
    leaveOut: (copy: number, leftOut: boolean) =>
      act(outcome(api.PUT('/api/books/{id}/copies/{copy}/left-out', { ...of(copy), body: { leftOut } }))),
    takeAnew: async () => {
      const result = await outcome(api.POST('/api/books/{id}/supplies/anew', path));
      setSaid(result.kind === 'value' ? null : failure(result));
      await again();
    },
  };
}

export type Copies = ReturnType<typeof useCopies>;

/** As the copies will be once a tick is kept: what comes before a stage is done with it, what comes after goes with it. */
export function ticked(view: CopiesView, numbers: number[], stage: CopyStage, done: boolean): CopiesView {
  const order = view.stages.map((one) => one.key);
  const at = order.indexOf(stage);
  const moved = done ? order.slice(0, at + 1) : order.slice(at);
  const rows = view.rows.map((row) =>
    numbers.includes(row.number)
      ? { ...row, done: order.filter((key) => (moved.includes(key) ? done : row.done.includes(key))) }
      : row,
  );
  const made = rows.filter((row) => !row.leftOut);
  return {
    ...view,
    rows,
    stages: view.stages.map((one) => ({ ...one, done: made.filter((row) => row.done.includes(one.key)).length })),
  };
}
