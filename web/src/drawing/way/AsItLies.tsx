import { inHand, type Looked } from './look';
import { WorkDrawing } from './WorkDrawing';

type Props = Pick<Looked, 'work' | 'steps' | 'sewn'> &
  Partial<Pick<Looked, 'turned' | 'next'>> & { width: number; height?: number };

/** The work after so many steps, with the signature towards you that was sewn last. */
export function AsItLies({ turned = false, next = false, height = 330, ...work }: Props) {
  return (
    <WorkDrawing
      {...work}
      turned={turned}
      next={next}
      height={height}
      signature={inHand(work.steps, Math.max(0, work.sewn - 1))}
    />
  );
}
