import { useRef } from 'react';
import { useSize } from '../../ui/useSize';
import type { Looked } from './look';
import { WorkDrawing } from './WorkDrawing';

/** The work, as large as the room it has. */
export function WorkRoom({ className, ...looked }: Looked & { className: string }) {
  const room = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(room);
  return (
    <div className={className} ref={room}>
      {width > 0 && <WorkDrawing {...looked} width={width} height={height} />}
    </div>
  );
}
