import { useQuery } from '@tanstack/react-query';
import { api, value, type Catalogue } from './client';

/** What can be chosen; the same for every book, so it is fetched once. */
export function useCatalogue(): Catalogue | undefined {
  return useQuery({ queryKey: ['catalogue'], queryFn: () => value(api.GET('/api/catalogue')), staleTime: Infinity })
    .data;
}
