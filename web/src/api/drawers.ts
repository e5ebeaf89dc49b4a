import { useQuery } from '@tanstack/react-query';
import { api, value, type DrawerKey, type DrawerView } from './client';

/** What lies in a drawer; undefined until it is known. */
export function useThings(drawer: DrawerKey): DrawerView | undefined {
  return useQuery({
    queryKey: ['drawer', drawer],
    queryFn: () => value(api.GET('/api/drawers/{drawer}', { params: { path: { drawer } } })),
  }).data;
}
