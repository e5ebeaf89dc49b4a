import { useSession } from '../../../state/useSession';
import { StageFrame } from '../StageFrame';
import { BareNote } from './cover/BareNote';
import { CoverDrawing, coverHigh } from './cover/CoverDrawing';
import { Steps } from './cover/Steps';
import { CameOut } from './finish/CameOut';
import { LookOver } from './finish/LookOver';
import './cover/cover.css';

/** Pressing, drying and the last look. */
export function FinishStage() {
  const { covering } = useSession().state.plan;
  const closed = covering.looks.find((look) => look.view === 'CLOSED_FRONT');
  return (
    <StageFrame
      stage="FINISH"
      choices={
        <>
          <Steps parts={['FINISH']} name="Pressing and the last look" />
          <CameOut />
        </>
      }
      tall
      drawing={(width) =>
        closed ? (
          <CoverDrawing look={closed} width={width} height={coverHigh(width, 380)} />
        ) : (
          <BareNote then="look it over, and it is done" />
        )
      }
      below={<LookOver />}
    />
  );
}
