import { Button, Slider } from 'antd';
import { lazy, Suspense, useEffect, useState } from 'react';
import type { WayView } from '../../../../api/client';
import { ThreadLine } from '../../../../drawing/ThreadLine';
import { AsItLies } from '../../../../drawing/way/AsItLies';
import { useSession } from '../../../../state/useSession';
import { Waiting } from '../../../../ui/ErrorNote';
import { useUnit, useWords } from '../../../../units/unit';

const BookInSpace = lazy(() => import('../../../../drawing/space/BookInSpace'));

/** A move every so many milliseconds when it is replayed. */
const PACE_MS = 700;

/** The thread as it lies: sewn to the end, or as far as the replay has come; flat or turning in space. */
export function AsSewn({ width, way }: { width: number; way: WayView | undefined }) {
  const { state } = useSession();
  const { unit } = useUnit();
  const words = useWords();
  const { plan, document } = state;
  const [upTo, setUpTo] = useState<number | null>(null);
  const [playing, setPlaying] = useState(false);
  const [turned, setTurned] = useState(false);
  const [space, setSpace] = useState(false);
  const steps = way?.steps.length ?? 0;
  const sewn = Math.min(upTo ?? steps, steps);
  useEffect(() => {
    if (!playing) {
      return;
    }
    if (sewn >= steps) {
      setPlaying(false);
      return;
    }
    const timer = setTimeout(() => setUpTo(sewn + 1), PACE_MS);
    return () => clearTimeout(timer);
  }, [playing, sewn, steps]);
  const sewing = plan.sewing;
  if (!way || !sewing) {
    return <Waiting what="Laying the thread" />;
  }
  const cut = plan.figures.find((figure) => figure.key === 'thread');
  const length = cut ? words(cut.value) : '';
  const last = way.steps[sewn - 1];
  return (
    <>
      <div className="as-sewn">
        {space ? (
          <Suspense fallback={<Waiting what="Laying out the book in space" />}>
            <BookInSpace document={document} sewn={sewn} width={width} height={380} />
          </Suspense>
        ) : (
          <AsItLies work={way.work} steps={way.steps} sewn={sewn} turned={turned} next={playing} width={width} />
        )}
      </div>
      <div className="replay">
        <Button
          size="small"
          onClick={() => {
            setUpTo(sewn >= steps ? 0 : sewn);
            setPlaying(!playing);
          }}
        >
          {playing ? 'Hold' : 'Replay slowly'}
        </Button>
        <Slider
          min={0}
          max={steps}
          value={sewn}
          onChange={(to) => {
            setPlaying(false);
            setUpTo(to);
          }}
          ariaLabelForHandle="Moves sewn in the drawing"
          tooltip={{ open: false }}
        />
        <span className="replay-count">
          {sewn} of {steps} moves
        </span>
        <Button size="small" disabled={space} aria-pressed={turned} onClick={() => setTurned(!turned)}>
          Turn it over
        </Button>
        <Button size="small" aria-pressed={space} onClick={() => setSpace(!space)}>
          {space ? 'Lay it flat' : 'See it in space'}
        </Button>
      </div>
      <p className="replay-words" aria-live={playing ? 'off' : 'polite'}>
        {last && sewn < steps ? words(turned ? last.turned : last.plain) : ' '}
      </p>
      <h2 className="thread-head">
        Cut {length}
        {document.thread.strands === 2 && ', to be doubled'}
        {sewing.threads.length > 1 && `, in ${sewing.threads.length} lengths`}
      </h2>
      <ThreadLine
        cutMm={sewing.cutMm}
        heightMm={plan.leaf.heightMm}
        ruleLowMm={sewing.ruleLowMm}
        ruleHighMm={sewing.ruleHighMm}
        width={width}
        unit={unit}
        colour="var(--madder)"
        label={`The thread to cut, ${length}, beside the heights of the book and the rule of thumb`}
      />
    </>
  );
}
