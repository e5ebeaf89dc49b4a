import { Button } from 'antd';
import { useRef, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import type { Stage } from '../../api/client';
import { useSession } from '../../state/useSession';
import { GUIDE, SEW_PRESS, useGuide } from '../../ui/guide';
import { GuideLine } from '../../ui/GuideLine';
import { useSeen } from '../../ui/useSeen';
import { useSize } from '../../ui/useSize';
import { useWords } from '../../units/unit';
import { LookOver } from './stage/finish/LookOver';
import { FromBooks } from './FromBooks';
import { FromDrawers } from './FromDrawers';
import { STAGES, stageWords, withStage } from '../../ui/stages';

interface Props {
  stage: Stage;
  choices: ReactNode;
  /** Draws into the room there is, CSS pixels. */
  drawing: (width: number, height: number) => ReactNode;
  /** Shown under the drawing. */
  below?: ReactNode;
  /** Room the drawing takes, in heights of the screen where it is not the usual. */
  tall?: boolean;
}

/** A stage: its choices on the left with the press that says it is done, its drawing beside them. */
export function StageFrame({ stage, choices, drawing, below, tall }: Props) {
  const place = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(place);
  return (
    <>
      <div className="choices">
        {choices}
        <FromBooks stage={stage} key={`books-${stage}`} />
        <FromDrawers stage={stage} />
        <Settle stage={stage} />
      </div>
      <div className={tall ? 'drawing drawing-tall' : 'drawing'}>
        <Guide stage={stage} />
        <div className="drawing-place" ref={place}>
          {width > 0 && drawing(width, height)}
        </div>
        {below}
        {stage !== 'FINISH' && <LookedOver stage={stage} key={stage} />}
      </div>
    </>
  );
}

/** What hands do here, for whoever does it for the first time. */
function Guide({ stage }: { stage: Stage }) {
  const { state } = useSession();
  const { on, putAway } = useGuide(state.view.id);
  const say = useWords();
  if (!on) {
    return null;
  }
  const { next, bound } = state.plan;
  const now = next.stage === stage && !next.finished;
  const words = stageWords(
    STAGES.find((one) => one.key === stage)!,
    bound.folded,
  );
  return (
    <GuideLine
      next={now && stage !== 'PURPOSE' ? say(next.words) : undefined}
      words={GUIDE[stage]}
      press={stage === 'SEW' ? SEW_PRESS : now ? words.settle : undefined}
      putAway={putAway}
    />
  );
}

/** What is looked at before the stage is gone on from. */
function LookedOver({ stage }: { stage: Stage }) {
  const place = useRef<HTMLDivElement>(null);
  const seen = useSeen(place);
  return (
    <div ref={place} className="stage-looked">
      {seen && <LookOver of={stage} />}
    </div>
  );
}

function Settle({ stage }: { stage: Stage }) {
  const { session, state } = useSession();
  const navigate = useNavigate();
  const index = STAGES.findIndex((one) => one.key === stage);
  const words = stageWords(STAGES[index]!, state.plan.bound.folded);
  const next = STAGES[index + 1];
  const done = state.document.done.includes(stage);
  const set = (to: boolean) =>
    session.change(to ? words.settled.toLowerCase() : `not yet: ${words.settled.toLowerCase()}`, withStage(stage, to));
  return (
    <div className="settle">
      {done ? (
        <>
          <p className="settle-done">{words.settled}.</p>
          <Button size="small" onClick={() => set(false)}>
            Not yet
          </Button>
          {next && (
            <Button size="small" onClick={() => void navigate(`/books/${state.view.id}/${next.path}`)}>
              On to {next.name.toLowerCase()}
            </Button>
          )}
        </>
      ) : (
        <Button
          type="primary"
          onClick={() => {
            set(true);
            if (next) {
              void navigate(`/books/${state.view.id}/${next.path}`);
            }
          }}
        >
          {words.settle}
        </Button>
      )}
    </div>
  );
}
