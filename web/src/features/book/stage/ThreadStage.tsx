import { useCatalogue } from '../../../api/catalogue';
import type { BookDocument, Sewn } from '../../../api/client';
import { Fold } from '../../../drawing/Fold';
import { ThreadLine } from '../../../drawing/ThreadLine';
import { useSession } from '../../../state/useSession';
import { FewChoice, ManyChoice } from '../../../ui/Choice';
import { useUnit, useWords } from '../../../units/unit';
import { CountField, LengthField, TextField } from '../fields';
import { NotPlannedYet } from '../NotPlannedYet';
import { StageFrame } from '../StageFrame';
import { TakeFrom } from '../TakeFrom';
import { ThreadFromDrawer } from '../ThreadFromDrawer';

type Thread = BookDocument['thread'];
type Count = Thread['count'];

function withThread(part: Partial<Thread>): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, thread: { ...document.thread, ...part } });
}

function withCount(part: Partial<Count>): (document: BookDocument) => BookDocument {
  return (document) => withThread({ count: { ...document.thread.count, ...part } })(document);
}

/** Thread, needle and knot; what lies where when it is sewn, and how much to cut. */
export function ThreadStage() {
  const { session, state } = useSession();
  const { thread } = state.document;
  return (
    <StageFrame
      stage="THREAD"
      tall
      choices={
        <>
          <ThreadFromDrawer />
          <TextField
            label="Thread"
            field="thread.name"
            value={thread.name}
            maxLength={60}
            edit={(d, name) => withThread({ name })(d)}
          />
          <FineChoice />
          <FewChoice
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
          <FewChoice
            label="Knot"
            value={thread.knot === 'OUTSIDE' ? 'OUTSIDE' : 'INSIDE'}
            options={[
              { value: 'INSIDE', label: 'inside the fold' },
              { value: 'OUTSIDE', label: 'outside' },
            ]}
            choose={(knot) => session.change(knot === 'INSIDE' ? 'knot inside' : 'knot outside', withThread({ knot }))}
          />
          <ManyChoice
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
          <CountField
            label="Slack, %"
            field="thread.slackPercent"
            what="percent"
            decimals
            value={thread.slackPercent}
            edit={(d, slackPercent) => withThread({ slackPercent })(d)}
          />
        </>
      }
      drawing={(width) =>
        state.plan.sewing && state.plan.holes ? (
          <AsSewn width={width} sewing={{ ...state.plan.sewing, stations: state.plan.holes.stations }} />
        ) : (
          <NotPlannedYet what="The thread’s way" />
        )
      }
    />
  );
}

function FineChoice() {
  const { session, state } = useSession();
  const fibres = useCatalogue()?.fibres ?? [];
  const { thread } = state.document;
  const { count } = thread;
  return (
    <>
      <div className="field-pair">
        <ManyChoice
          label="Fibre"
          value={thread.fibre}
          options={fibres.map((fibre) => ({ value: fibre.key as Thread['fibre'], label: fibre.words }))}
          choose={(fibre) => session.change('fibre', withThread({ fibre }))}
        />
        <ManyChoice
          label="Told by"
          value={count.system}
          options={[
            { value: 'LINEN', label: 'linen' },
            { value: 'COTTON', label: 'cotton' },
            { value: 'TEX', label: 'tex' },
            { value: 'WOUND', label: 'winding' },
          ]}
          choose={(system) => session.change('fineness', withCount({ system }))}
        />
      </div>
      <div className="field-pair">
        {count.system === 'WOUND' ? (
          <>
            <CountField
              label="Turns wound"
              field="thread.turnsWound"
              what="turns"
              value={count.turns}
              edit={(d, turns) => withCount({ turns })(d)}
            />
            <LengthField
              label="They take up"
              field="thread.count.widthMm"
              edit={(d, widthMm) => withCount({ widthMm })(d)}
            />
          </>
        ) : (
          <>
            <CountField
              label={count.system === 'TEX' ? 'Tex' : 'Count'}
              field={count.system === 'TEX' ? 'thread.tex' : 'thread.number'}
              what={count.system === 'TEX' ? 'tex' : 'the count'}
              decimals
              value={count.number}
              edit={(d, number) => withCount({ number })(d)}
              help={count.system === 'TEX' ? undefined : state.plan.tex}
            />
            {count.system !== 'TEX' && (
              <CountField
                label="Plies"
                field="thread.ply"
                what="plies"
                value={count.ply}
                edit={(d, ply) => withCount({ ply })(d)}
              />
            )}
          </>
        )}
      </div>
    </>
  );
}

function AsSewn({ width, sewing }: { width: number; sewing: Sewn }) {
  const { state } = useSession();
  const { unit } = useUnit();
  const words = useWords();
  const { plan, document } = state;
  const scale = (width - 56) / plan.leaf.heightMm;
  const stitches = sewing.steps
    .flatMap((step) => step.stitches)
    .map((stitch) => ({ ...stitch, look: 'done' as const }));
  const common = {
    heightMm: plan.leaf.heightMm,
    stations: sewing.stations,
    stitches,
    holes: () => 'sewn' as const,
    scale,
    left: 28,
    depth: 74,
    turned: false,
  };
  const cut = plan.figures.find((figure) => figure.key === 'thread');
  const length = cut ? words(cut.value) : '';
  const centre = (sewing.stations.length + 1) / 2;
  const tails = { station: centre, count: 2 };
  return (
    <>
      <svg
        width={width}
        height={264}
        role="img"
        aria-label={`The thread as it lies when sewn: ${sewing.stations.length} stations, knot ${document.thread.knot === 'INSIDE' ? 'inside' : 'outside'}`}
      >
        <text x={28} y={18} className="face-name">
          Inside
        </text>
        <Fold {...common} face="INSIDE" top={26} tails={document.thread.knot === 'INSIDE' ? tails : undefined} />
        <text x={28} y={150} className="face-name">
          Outside, seen through
        </text>
        <Fold
          {...common}
          face="OUTSIDE"
          seenThrough
          top={158}
          tails={document.thread.knot === 'OUTSIDE' ? tails : undefined}
        />
      </svg>
      <h2 className="thread-head">
        Cut {length}
        {document.thread.strands === 2 && ', to be doubled'}
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
