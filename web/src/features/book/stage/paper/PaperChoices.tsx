import { Button } from 'antd';
import { useCatalogue } from '../../../../api/catalogue';
import { useThings } from '../../../../api/drawers';
import { useSession } from '../../../../state/useSession';
import { Segmented, SelectField } from '../../../../ui/choices';
import { CountField, LengthField, TextField, WeightField } from '../../fields';
import { paperAt, paperField, withPaper, type Paper } from '../../papers';

/** What paper it is: from the drawer or as typed; its weight and its thickness. */
export function PaperChoices({ number }: { number: number }) {
  const { session, state } = useSession();
  const paper = paperAt(state.document, number);
  const { field } = paperField(number);
  const inRecipe = state.document.gathering.recipes.some((recipe) => recipe.some((sheet) => sheet.paper >= number));
  const used = inRecipe || state.document.pages.pasted.some((one) => one.paper >= number);
  return (
    <>
      <FromDrawer number={number} />
      <TextField
        label="Paper"
        field={`${field}.name`}
        value={paper.name}
        maxLength={60}
        edit={(d, name) => withPaper(number, () => ({ name }))(d)}
      />
      <WeightField
        label="Weight"
        field={`${field}.grammageGsm`}
        shown={state.plan.papers[number]?.grammage ?? ''}
        edit={(d, grammageGsm) => withPaper(number, () => ({ grammageGsm }))(d)}
        help="120 gsm, 24 lb bond, 80 lb text …"
      />
      <ThicknessChoice number={number} />
      {number > 0 && (
        <p>
          <Button
            size="small"
            disabled={used}
            onClick={() =>
              session.change('a paper taken out', (d) => ({
                ...d,
                otherPapers: d.otherPapers.filter((_, i) => i !== number - 1),
              }))
            }
          >
            Take this paper out
          </Button>
          {used && <span className="field-help"> {inRecipe ? 'A recipe uses it.' : 'It is pasted to pages.'}</span>}
        </p>
      )}
    </>
  );
}

const NONE = '';

function FromDrawer({ number }: { number: number }) {
  const { session, state } = useSession();
  const things = useThings('PAPERS')?.things ?? [];
  const paper = paperAt(state.document, number);
  const from = things.find((thing) => thing.id === paper.drawerId);
  const drawn = from?.paper;
  // Once the sheets are cut, what is left in the drawer is no longer what this book was planned with, and that is right.
  const cut = state.document.done.includes('PAPER');
  const compared = (one: Paper) =>
    JSON.stringify(sorted({ ...one, grain: null, stock: { ...one.stock, ...(cut ? { have: null } : {}) } }));
  const differs = drawn !== undefined && compared(drawn) !== compared(paper);
  const take = (thing: (typeof things)[number] | undefined) => {
    const taken = thing?.paper;
    if (taken) {
      session.change(
        `paper ${thing.name}`,
        withPaper(number, () => ({ ...taken, stack: taken.stack, stock: taken.stock })),
      );
    }
  };
  return (
    <>
      <SelectField
        label="From the drawer"
        value={from?.id ?? NONE}
        options={[
          { value: NONE, label: paper.drawerId ? 'no longer in the drawer' : 'not from the drawer' },
          ...things.map((thing) => ({ value: thing.id, label: thing.name })),
        ]}
        choose={(id) =>
          id === NONE
            ? session.change(
                'paper not from the drawer',
                withPaper(number, () => ({ drawerId: undefined })),
              )
            : take(things.find((thing) => thing.id === id))
        }
      />
      {differs && (
        <p className="field-help">
          The drawer says otherwise now.{' '}
          <Button size="small" onClick={() => take(from)}>
            Take it as it is there
          </Button>
        </p>
      )}
    </>
  );
}

/** Parts in one order and nothing where nothing is said, so that two papers can be compared. */
function sorted(value: unknown): unknown {
  if (typeof value !== 'object' || value === null) {
    return value;
  }
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, part]) => part !== null && part !== undefined)
      .sort(([one], [other]) => one.localeCompare(other))
      .map(([key, part]) => [key, sorted(part)]),
  );
}

function ThicknessChoice({ number }: { number: number }) {
  const { session, state } = useSession();
  const bulks = useCatalogue()?.bulks ?? [];
  const paper = paperAt(state.document, number);
  const { stack } = paper;
  const { field, measures } = paperField(number);
  const sheetMm = state.plan.papers[number]?.sheetMm ?? 0.1;
  const total = state.plan.measures[`${measures}.stack.totalMm`];
  return (
    <>
      <SelectField
        label="Kind"
        value={paper.bulk}
        options={bulks.map((bulk) => ({ value: bulk.key as Paper['bulk'], label: bulk.words }))}
        choose={(bulk) =>
          session.change(
            'kind of paper',
            withPaper(number, () => ({ bulk })),
          )
        }
      />
      <Segmented
        label="Thickness"
        value={stack ? 'stack' : 'bulk'}
        options={[
          { value: 'bulk', label: 'by its kind' },
          { value: 'stack', label: 'by a stack' },
        ]}
        choose={(how) =>
          session.change(
            how === 'bulk' ? 'thickness from its kind' : 'measured stack',
            withPaper(number, () => ({
              stack: how === 'bulk' ? undefined : { sheets: 20, totalMm: Math.round(sheetMm * 2000) / 100 },
            })),
          )
        }
      />
      {stack && (
        <div className="field-pair">
          <CountField
            label="Sheets in the stack"
            field={`${field}.stack.sheets`}
            what="sheets"
            value={stack.sheets}
            edit={(d, sheets) => withPaper(number, (p) => ({ stack: { totalMm: p.stack?.totalMm ?? 1, sheets } }))(d)}
          />
          <LengthField
            label="Stack, pressed"
            field={`${field}.stack.totalMm`}
            {...(total ? { shown: total } : {})}
            edit={(d, totalMm) => withPaper(number, (p) => ({ stack: { sheets: p.stack?.sheets ?? 20, totalMm } }))(d)}
          />
        </div>
      )}
    </>
  );
}
