import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, value, type WayView } from '../../api/client';
import { useSession } from '../../state/useSession';

/** The thread's way of the book as it is on the screen; nothing while it is fetched, or where it cannot be sewn. */
export function useWay(): WayView | undefined {
  const { state } = useSession();
  const sewable = state.plan.sewing !== undefined;
  const way = useQuery({
    queryKey: ['way', state.document],
    queryFn: () => value(api.POST('/api/plan/way', { body: state.document })),
    placeholderData: keepPreviousData,
    enabled: sewable,
    gcTime: 60_000,
  });
  return sewable ? way.data : undefined;
}
