import { useCatalogue } from '../../../api/catalogue';
import type { BookDocument } from '../../../api/client';
import { LeafSheet } from '../../../drawing/LeafSheet';
import { useSession } from '../../../state/useSession';
import { FewChoice, ManyChoice } from '../../../ui/Choice';
import { useUnit } from '../../../units/unit';
import { CountField, LengthField, TextField, WeightField } from '../fields';
import { StageFrame } from '../StageFrame';

type Paper = BookDocument['paper'];

const OWN = 'own';

function withPaper(part: (paper: Paper) => Partial<Paper>): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, paper: { ...document.paper, ...part(document.paper) } });
}

/** Size, weight, thickness and grain; the unfolded sheet to scale. */
export function PaperStage() {
  const { state } = useSession();
  const { unit } = useUnit();
  return (
    <StageFrame
      stage="PAPER"
      choices={
        <>
          <LeafChoice />
          <TextField
            label="Paper"
            field="paper.name"
            value={state.document.paper.name}
            maxLength={60}
            edit={(d, name) => withPaper(() => ({ name }))(d)}
          />
          <WeightField
            label="Weight"
            field="paper.grammageGsm"
            edit={(d, grammageGsm) => withPaper(() => ({ grammageGsm }))(d)}
            help="120 gsm, 24 lb bond, 80 lb text …"
          />
          <ThicknessChoice />
          <GrainChoice />
        </>
      }
      drawing={(width, height) => (
        <LeafSheet
          leafWidthMm={state.plan.shape.leafWidthMm}
          leafHeightMm={state.plan.shape.leafHeightMm}
          grain={state.document.paper.grain}
          width={width}
          height={height}
          unit={unit}
          label={`The unfolded sheet with its fold; grain ${state.document.paper.grain === 'WITH_FOLD' ? 'along the fold' : state.document.paper.grain === 'ACROSS_FOLD' ? 'across the fold' : 'not tested'}`}
        />
      )}
    />
  );
}

function LeafChoice() {
  const { session, state } = useSession();
  const sizes = useCatalogue()?.sizes ?? [];
  const { leaf } = state.document;
  const now = sizes.find(
    (size) => Math.abs(size.widthMm - leaf.widthMm) < 0.5 && Math.abs(size.heightMm - leaf.heightMm) < 0.5,
  );
  return (
    <>
      <ManyChoice
        label="Leaf"
        value={now?.name ?? OWN}
        options={[...sizes.map((size) => ({ value: size.name, label: size.name })), { value: OWN, label: 'own size' }]}
        choose={(name) => {
          const size = sizes.find((one) => one.name === name);
          if (size) {
            session.change(`leaf ${name}`, (d) => ({
              ...d,
              leaf: { ...d.leaf, widthMm: size.widthMm, heightMm: size.heightMm },
            }));
          }
        }}
      />
      <div className="field-pair">
        <LengthField
          label="Leaf width"
          field="leaf.widthMm"
          edit={(d, widthMm) => ({ ...d, leaf: { ...d.leaf, widthMm } })}
        />
        <LengthField
          label="Leaf height"
          field="leaf.heightMm"
          edit={(d, heightMm) => ({ ...d, leaf: { ...d.leaf, heightMm } })}
        />
      </div>
    </>
  );
}

function ThicknessChoice() {
  const { session, state } = useSession();
  const bulks = useCatalogue()?.bulks ?? [];
  const { paper } = state.document;
  const { stack } = paper;
  return (
    <>
      <FewChoice
        label="Thickness"
        value={stack ? 'stack' : 'bulk'}
        options={[
          { value: 'bulk', label: 'by its kind' },
          { value: 'stack', label: 'by a stack' },
        ]}
        choose={(how) =>
          session.change(
            how === 'bulk' ? 'thickness from its kind' : 'measured stack',
            withPaper(() => ({
              stack:
                how === 'bulk' ? undefined : { sheets: 20, totalMm: Math.round(state.plan.shape.sheetMm * 2000) / 100 },
            })),
          )
        }
      />
      {stack ? (
        <div className="field-pair">
          <CountField
            label="Sheets in the stack"
            field="paper.stack.sheets"
            what="sheets"
            value={stack.sheets}
            edit={(d, sheets) => withPaper((p) => ({ stack: { totalMm: p.stack?.totalMm ?? 1, sheets } }))(d)}
          />
          <LengthField
            label="Stack, pressed"
            field="paper.stack.totalMm"
            edit={(d, totalMm) => withPaper((p) => ({ stack: { sheets: p.stack?.sheets ?? 20, totalMm } }))(d)}
          />
        </div>
      ) : (
        <ManyChoice
          label="Kind"
          value={paper.bulk}
          options={bulks.map((bulk) => ({ value: bulk.key as Paper['bulk'], label: bulk.words }))}
          choose={(bulk) =>
            session.change(
              'kind of paper',
              withPaper(() => ({ bulk })),
            )
          }
        />
      )}
    </>
  );
}

function GrainChoice() {
  const { session, state } = useSession();
  const grains = useCatalogue()?.grains ?? [];
  return (
    <FewChoice
      label="Grain"
      value={state.document.paper.grain}
      options={grains.map((grain) => ({ value: grain.key as Paper['grain'], label: grain.words }))}
      choose={(grain) =>
        session.change(
          'grain',
          withPaper(() => ({ grain })),
        )
      }
    />
  );
}
