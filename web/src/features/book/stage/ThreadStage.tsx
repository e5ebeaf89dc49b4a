import { useSession } from '../../../state/useSession';
import { Segmented, SelectField } from '../../../ui/choices';
import { CountField, LengthField, TextField } from '../fields';
import { NotPlannedYet } from '../NotPlannedYet';
import { StageFrame } from '../StageFrame';
import { TakeFrom } from '../TakeFrom';
import { ThreadFromDrawer } from '../ThreadFromDrawer';
import { useWay } from '../useWay';
import { PatternChoice } from './PatternChoice';
import { AsSewn } from './thread/AsSewn';
import { withThread } from './thread/edits';
import { FineChoice } from './thread/FineChoice';
import { Parted } from './thread/Parted';
import { SewnOn } from './thread/SewnOn';
import { ThreadShelf } from './thread/ThreadShelf';
import { Variants } from './thread/Variants';
import './thread/thread.css';

/** Thread, needle and knot; what lies where when it is sewn, and how much to cut. */
export function ThreadStage() {
  const { session, state } = useSession();
  const { thread, learned, structure } = state.document;
  // what was taken of the binder's books stands below with the press that goes back
  const slackLearned = `SLACK:${structure}` in learned;
  const way = useWay();
  return (
    <StageFrame
      stage="THREAD"
      tall
      choices={
        <>
          <PatternChoice />
          <ThreadFromDrawer />
          <TextField
            label="Thread"
            field="thread.name"
            value={thread.name}
            maxLength={60}
            edit={(d, name) => withThread({ name })(d)}
          />
          <FineChoice />
          <Segmented
            label="Strands"
            value={String(thread.strands)}
            options={[
              { value: '1', label: 'single' },
              { value: '2', label: 'doubled' },
            ]}
            choose={(strands) =>
              session.change(
                strands === '2' ? 'thread doubled' : 'thread single',
                withThread({ strands: Number(strands) }),
              )
            }
          />
          <SewnOn />
          <Parted />
          {state.plan.sewing?.choosesKnot && (
            <Segmented
              label="Knot"
              value={thread.knot === 'OUTSIDE' ? 'OUTSIDE' : 'INSIDE'}
              options={[
                { value: 'INSIDE', label: 'inside the fold' },
                { value: 'OUTSIDE', label: 'outside' },
              ]}
              choose={(knot) =>
                session.change(knot === 'INSIDE' ? 'knot inside' : 'knot outside', withThread({ knot }))
              }
            />
          )}
          <SelectField
            label="Turns of the knot"
            value={String(thread.turns)}
            options={[
              { value: '1', label: '1' },
              { value: '2', label: '2' },
              { value: '3', label: '3' },
            ]}
            choose={(turns) => session.change('turns of the knot', withThread({ turns: Number(turns) }))}
          />
          <div className="field-pair">
            <LengthField label="Each tail" field="thread.tailMm" edit={(d, tailMm) => withThread({ tailMm })(d)} />
            <LengthField
              label="Needle’s eye"
              field="thread.needleEyeMm"
              edit={(d, needleEyeMm) => withThread({ needleEyeMm })(d)}
            />
          </div>
          <TakeFrom
            drawer="NEEDLES"
            label="Needle from the drawer"
            is={(thing) => thing.measureMm === thread.needleEyeMm}
            take={({ name, measureMm }) => {
              if (measureMm !== undefined) {
                session.change(`needle ${name}`, withThread({ needleEyeMm: measureMm }));
              }
            }}
          />
          {!slackLearned && (
            <CountField
              label="Slack, %"
              field="thread.slackPercent"
              what="percent"
              decimals
              value={thread.slackPercent}
              edit={(d, slackPercent) => withThread({ slackPercent })(d)}
            />
          )}
        </>
      }
      drawing={(width) =>
        state.plan.sewing ? (
          <>
            <AsSewn width={width} way={way} />
            <Variants />
            <ThreadShelf />
          </>
        ) : (
          <NotPlannedYet what="The thread’s way" />
        )
      }
    />
  );
}
