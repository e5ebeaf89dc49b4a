import type { Sewn } from '../../api/client';
import { useSession } from '../../state/useSession';

/** Holes and thread of a book whose sewing is planned; the stages that ask for it are only shown then. */
export function useSewn(): Sewn {
  const { sewing, holes } = useSession().state.plan;
  if (!sewing || !holes) {
    throw new Error('The sewing of this structure cannot be planned yet');
  }
  return { ...sewing, stations: holes.stations };
}
