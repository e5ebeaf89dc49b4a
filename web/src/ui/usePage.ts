import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, failure, outcome, value, type Outcome } from '../api/client';
import { readLength } from '../api/reading';
import { readWhole } from './whole';
import { useUnit } from '../units/unit';
import type { PageLine } from '../api/client';

/** A book's page of the notebook; `version` says which state of the book it is asked for. */
export function usePage(id: string, version?: number) {
  return useQuery({
    queryKey: ['page', id, version ?? null],
    queryFn: () => value(api.GET('/api/books/{id}/page', { params: { path: { id } } })),
    placeholderData: (before) => before,
  });
}

/** What is written on a page; each answers with one line where it is refused. */
export function usePageActs(id: string) {
  const client = useQueryClient();
  const { unit } = useUnit();
  const done = async (request: Promise<Outcome<unknown>>) => {
    const result = await request;
    await client.invalidateQueries({ queryKey: ['page', id] });
    await client.invalidateQueries({ queryKey: ['notebook'] });
    return result.kind === 'value' ? null : failure(result);
  };
  const path = (key: string) => ({ params: { path: { id, key } } });
  const take = async (line: PageLine, text: string) => {
    if (text.trim() === '') {
      return done(outcome(api.DELETE('/api/books/{id}/page/{key}', path(line.key))));
    }
    const number = await typed(line, text);
    return typeof number === 'string'
      ? number
      : done(outcome(api.PUT('/api/books/{id}/page/{key}', { ...path(line.key), body: { number } })));
  };
  const typed = async (line: PageLine, text: string) => {
    if (line.group === 'THREAD') {
      const read = await readLength(text, unit);
      return read.kind === 'value' ? read.value.mm : failure(read);
    }
    const what = line.group === 'MINUTES' ? 'minutes are' : 'sheets are';
    // what a field shows may be typed back with its unit
    const bare = text.replace(/(min|sheets?)\s*$/i, '');
    return readWhole(bare, 6) ?? `Read “${text.trim()}”; whole ${what} wanted, as 3.`;
  };
  return {
    take,
    write: (notes: string, failed: string) =>
      done(outcome(api.PUT('/api/books/{id}/page', { params: { path: { id } }, body: { notes, failed } }))),
    done,
  };
}
