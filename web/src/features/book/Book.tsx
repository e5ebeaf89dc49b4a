import { useCallback, useEffect, useRef, useState, type ComponentType } from 'react';
import { useNavigate } from 'react-router';
import type { Stage } from '../../api/client';
import { useSession } from '../../state/useSession';
import { useKeys } from '../../ui/keys';
import { Band } from './Band';
import { BookTop } from './BookTop';
import { ConflictSlip } from './ConflictSlip';
import { FailedSlip } from './FailedSlip';
import { BOOK_KEYS } from './keys';
import { NotPlanned } from './NotPlannedYet';
import { Remarks } from './Remarks';
import { STAGES, type StageWords } from '../../ui/stages';
import { StageLine } from './StageLine';
import { CoverStage } from './stage/CoverStage';
import { FinishStage } from './stage/FinishStage';
import { GatherStage } from './stage/GatherStage';
import { PagesStage } from './stage/PagesStage';
import { PaperStage } from './stage/PaperStage';
import { PurposeStage } from './stage/PurposeStage';
import { SewStage } from './stage/SewStage';
import { StationsStage } from './stage/StationsStage';
import { TemplateStage } from './stage/TemplateStage';
import { ThreadStage } from './stage/ThreadStage';
import './book.css';

const PLACES: Record<Stage, ComponentType> = {
  PURPOSE: PurposeStage,
  PAPER: PaperStage,
  GATHER: GatherStage,
  PAGES: PagesStage,
  STATIONS: StationsStage,
  TEMPLATE: TemplateStage,
  THREAD: ThreadStage,
  SEW: SewStage,
  COVER: CoverStage,
  FINISH: FinishStage,
};

/** Stages that have nothing to show where the book has no holes, or its sewing cannot be planned yet. */
const NEEDS_HOLES = new Set<Stage>(['STATIONS', 'TEMPLATE']);
const NEEDS_SEWING = new Set<Stage>(['SEW']);

/** A book at one stage: the order of work above, choices and drawing in the middle, figures below. */
export function Book({ stage }: { stage: StageWords }) {
  const { session, state } = useSession();
  const navigate = useNavigate();
  const [working, setWorking] = useState<string | null>(null);
  const index = STAGES.indexOf(stage);
  const go = useCallback(
    (to: StageWords | undefined) => {
      if (to) {
        void navigate(`/books/${state.view.id}/${to.path}`);
      }
    },
    [navigate, state.view.id],
  );
  const bandFocus = useRef<string | null>(null);
  useKeys(BOOK_KEYS, {
    before: () => go(STAGES[index - 1]),
    after: () => go(STAGES[index + 1]),
    // the tenth is the 0 behind the 9
    stage: (event) => go(STAGES[(Number(event.key) + 9) % 10]),
    template: () => go(STAGES.find((one) => one.key === 'TEMPLATE')),
    working: () => setWorking((open) => (open ? null : (bandFocus.current ?? 'thread'))),
    close: () => setWorking(null),
    undo: () => void session.undo(),
    redo: () => void session.redo(),
  });
  useEffect(() => setWorking(null), [stage]);
  const lacking =
    (NEEDS_HOLES.has(stage.key) && !state.plan.holes) || (NEEDS_SEWING.has(stage.key) && !state.plan.sewing);
  const Place = lacking ? NotPlanned : PLACES[stage.key];
  return (
    <main id="place" className={`book book-${stage.path}`}>
      <BookTop />
      <StageLine now={stage} />
      {state.keeping.kind === 'conflict' && <ConflictSlip conflict={state.keeping.conflict} />}
      {state.keeping.kind === 'failed' && <FailedSlip {...state.keeping} />}
      <div className="book-middle">
        <Place />
        <Remarks stage={stage.key} />
      </div>
      <Band
        stage={stage.key}
        working={working}
        open={setWorking}
        focused={(key) => {
          bandFocus.current = key;
        }}
      />
    </main>
  );
}
