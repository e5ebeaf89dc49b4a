import type { WayView } from '../../api/client';
import { WorkRoom } from '../../drawing/way/WorkRoom';

interface Props {
  way: WayView;
  sewn: number;
  turned: boolean;
  signature: number;
  next?: boolean;
  press?: ((station: number) => void) | undefined;
  marked?: readonly number[];
}

/** The work at the sewing table. */
export function Work({ way, next = true, marked = [], ...looked }: Props) {
  return <WorkRoom className="faces" work={way.work} steps={way.steps} next={next} marked={marked} {...looked} />;
}
