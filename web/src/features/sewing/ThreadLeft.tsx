import type { WayView } from '../../api/client';
import { Measure } from '../../units/Measure';

/** How much of the thread in hand is left. */
export function ThreadLeft({ way, step }: { way: WayView; step: number }) {
  const last = way.steps[step - 1];
  const coming = way.steps[step];
  // a new thread is whole until its first move
  const fresh = !last || (coming && coming.thread !== last.thread);
  const thread = way.threads[(coming ?? last)!.thread - 1]!;
  const leftMm = fresh ? thread.strandMm : last.leftMm;
  return (
    <div className="thread-left">
      <p>
        Thread left: <strong>{fresh ? <Measure of={thread.cut} /> : <Measure of={last.left} />}</strong>
      </p>
      <svg viewBox="0 0 100 4" preserveAspectRatio="none" aria-hidden="true">
        <rect width="100" height="4" className="thread-left-spool" />
        <rect
          width={Math.max(0, Math.min(100, (100 * leftMm) / thread.strandMm))}
          height="4"
          className="thread-left-thread"
        />
      </svg>
    </div>
  );
}
