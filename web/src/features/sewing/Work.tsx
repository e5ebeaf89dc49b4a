import { useRef } from 'react';
import type { WayView } from '../../api/client';
import { WorkDrawing } from '../../drawing/way/WorkDrawing';
import { useSize } from '../../ui/useSize';

interface Props {
  way: WayView;
  sewn: number;
  turned: boolean;
  signature: number;
  next?: boolean;
  press?: ((station: number) => void) | undefined;
  marked?: readonly number[];
}

/** The work, as large as the room it has. */
export function Work({ way, sewn, turned, signature, next = true, press, marked }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(room);
  return (
    <div className="faces" ref={room}>
      {width > 0 && (
        <WorkDrawing
          work={way.work}
          steps={way.steps}
          sewn={sewn}
          turned={turned}
          signature={signature}
          next={next}
          press={press}
          marked={marked ?? []}
          width={width}
          height={height}
        />
      )}
    </div>
  );
}
