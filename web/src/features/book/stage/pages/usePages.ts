import { useQuery } from '@tanstack/react-query';
import { api, value } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';

/** Which page lies where in the book as it is kept. */
export function usePages() {
  const { id, version, document } = useSession().state.view;
  return useQuery({
    queryKey: ['pages', id, version],
    queryFn: () => value(api.POST('/api/plan/pages', { body: document })),
    placeholderData: (before) => before,
  });
}
