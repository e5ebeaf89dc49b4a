import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, value, type BookDocument } from './client';
import type { components } from './generated/schema';

export type StructureLooks = components['schemas']['StructureLooks'];

/** How a book would come out in these structures, by their keys; as it last was while it is worked out anew. */
export function useLooks(document: BookDocument, keys: readonly string[]): ReadonlyMap<string, StructureLooks> {
  const { data } = useQuery({
    queryKey: ['looks', document, keys],
    queryFn: () => value(api.POST('/api/plan/looks', { body: { document, keys: [...keys] } })),
    placeholderData: keepPreviousData,
    enabled: keys.length > 0,
  });
  return new Map((data ?? []).map((one) => [one.key, one]));
}
