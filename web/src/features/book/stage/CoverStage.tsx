import { useState } from 'react';
import type { CoverLookView } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { Segmented } from '../../../ui/choices';
import { StageFrame } from '../StageFrame';
import { BareNote } from './cover/BareNote';
import { BlockMeasures } from './cover/BlockMeasures';
import { CoverDrawing, coverHigh } from './cover/CoverDrawing';
import { CutList } from './cover/CutList';
import { KindChoice } from './cover/KindChoice';
import { Steps } from './cover/Steps';
import './cover/cover.css';

/** From the sewn block to its cover: what is measured, which cover, what is cut, in which order. */
export function CoverStage() {
  const { covering } = useSession().state.plan;
  const [chosen, setView] = useState<CoverLookView['view']>('OPENED_INSIDE');
  const look = covering.looks.find((one) => one.view === chosen) ?? covering.looks[0];
  return (
    <StageFrame
      stage="COVER"
      tall
      choices={
        <>
          <BlockMeasures />
          <KindChoice />
        </>
      }
      drawing={(width) =>
        look ? (
          <>
            <div className="cover-looks">
              <Segmented
                label="Seen"
                value={look.view}
                options={covering.looks.map((one) => ({ value: one.view, label: one.seen }))}
                choose={setView}
              />
            </div>
            <CoverDrawing look={look} width={width} height={coverHigh(width, 430)} />
          </>
        ) : (
          <BareNote then="nothing is cut for a cover" />
        )
      }
      below={
        <div className="cover-below">
          <CutList />
          <Steps parts={['DRY', 'MAKE']} name="Order of work" />
        </div>
      }
    />
  );
}
