import { Button } from 'antd';
import { useCatalogue } from '../../../../api/catalogue';
import { useSession } from '../../../../state/useSession';
import { Segmented } from '../../../../ui/choices';
import { LengthField, MaybeCountField } from '../../fields';
import { SizeChoice } from '../../SizeChoice';
import { paperAt, paperField, withPaper, withStock, type Paper, type Stock } from '../../papers';

/** The sheets a paper comes in, and how they are parted. */
export function CutChoices({ number }: { number: number }) {
  const { session, state } = useSession();
  const paper = paperAt(state.document, number);
  const { cutting } = state.document;
  const begin = (): Stock => {
    const { leaf } = state.document;
    const wide = Math.max(leaf.widthMm * 4, leaf.heightMm * 2);
    const upright = { widthMm: Math.min(wide, 3000), heightMm: Math.min(leaf.heightMm * 2, 3000) };
    return { ...upright, grain: 'UNKNOWN', deckleMm: 0 };
  };
  return (
    <>
      <Segmented
        label="The paper comes"
        value={paper.stock ? 'stock' : 'size'}
        options={[
          { value: 'size', label: 'cut to size' },
          { value: 'stock', label: 'in stock sheets' },
        ]}
        choose={(how) =>
          session.change(
            how === 'stock' ? 'paper in stock sheets' : 'paper cut to size',
            withPaper(number, () => ({ stock: how === 'stock' ? begin() : undefined })),
          )
        }
      />
      {paper.stock ? <StockFields number={number} stock={paper.stock} /> : <GrainOfCut number={number} />}
      {paper.stock && (
        <>
          <Segmented
            label="Parted"
            value={cutting.manner}
            options={[
              { value: 'CUT', label: 'with a knife' },
              { value: 'TEAR', label: 'torn along folds' },
            ]}
            choose={(manner) =>
              session.change(manner === 'CUT' ? 'cut' : 'torn', (d) => ({ ...d, cutting: { ...d.cutting, manner } }))
            }
          />
          <Segmented
            label="First of all"
            value={cutting.grainFirst ? 'grain' : 'most'}
            options={[
              { value: 'grain', label: 'the grain right' },
              { value: 'most', label: 'the most sheets' },
            ]}
            choose={(what) =>
              session.change(what === 'grain' ? 'grain first' : 'most sheets first', (d) => ({
                ...d,
                cutting: { ...d.cutting, grainFirst: what === 'grain' },
              }))
            }
          />
        </>
      )}
      <LengthField
        label="Left standing, to trim"
        field="cutting.trimMm"
        edit={(d, trimMm) => ({ ...d, cutting: { ...d.cutting, trimMm } })}
        help="At head, tail and fore edge of every sheet."
      />
      {paper.stock && (
        <p className="cut-print">
          <Button size="small" href={`/api/books/${state.view.id}/cutting.pdf?stock=${number}`} target="_blank">
            Print the cuts
          </Button>
          <Button size="small" href={`/api/books/${state.view.id}/cutting.svg?stock=${number}&save=true`}>
            Save as SVG
          </Button>
        </p>
      )}
    </>
  );
}

function GrainOfCut({ number }: { number: number }) {
  const { session, state } = useSession();
  const grains = useCatalogue()?.grains ?? [];
  return (
    <Segmented
      label="Grain"
      value={paperAt(state.document, number).grain}
      options={grains.map((grain) => ({ value: grain.key as Paper['grain'], label: grain.words }))}
      choose={(grain) =>
        session.change(
          'grain',
          withPaper(number, () => ({ grain })),
        )
      }
    />
  );
}

function StockFields({ number, stock }: { number: number; stock: Stock }) {
  const { session, state } = useSession();
  const catalogue = useCatalogue();
  const { field, measures } = paperField(number);
  const sizes = catalogue?.stockSizes ?? [];
  const measure = (key: string) => {
    const shown = state.plan.measures[`${measures}.stock.${key}`];
    return shown ? { shown } : {};
  };
  return (
    <>
      <SizeChoice
        label="Stock sheet"
        sizes={sizes}
        widthMm={stock.widthMm}
        heightMm={stock.heightMm}
        choose={({ name, widthMm, heightMm }) =>
          session.change(`stock ${name}`, withStock(number, { widthMm, heightMm }))
        }
      />
      <div className="field-pair">
        <LengthField
          label="Stock width"
          field={`${field}.stock.widthMm`}
          {...measure('widthMm')}
          edit={(d, widthMm) => withStock(number, { widthMm })(d)}
        />
        <LengthField
          label="Stock height"
          field={`${field}.stock.heightMm`}
          {...measure('heightMm')}
          edit={(d, heightMm) => withStock(number, { heightMm })(d)}
        />
      </div>
      <Segmented
        label="Grain of the stock sheet"
        value={stock.grain}
        options={(catalogue?.sheetGrains ?? []).map((grain) => ({
          value: grain.key as Stock['grain'],
          label: grain.words,
        }))}
        choose={(grain) => session.change('grain of the stock', withStock(number, { grain }))}
      />
      <div className="field-pair">
        <MaybeCountField
          label="In the drawer"
          field={`${field}.stock.have`}
          what="sheets"
          empty="not counted"
          value={stock.have}
          edit={(d, have) => withStock(number, { have })(d)}
        />
        <MaybeCountField
          label="Price of a sheet"
          field={`${field}.stock.price`}
          what="money"
          empty="not said"
          decimals
          value={stock.price}
          edit={(d, price) => withStock(number, { price })(d)}
        />
      </div>
      <LengthField
        label="Deckle to cut off"
        field={`${field}.stock.deckleMm`}
        {...measure('deckleMm')}
        edit={(d, deckleMm) => withStock(number, { deckleMm })(d)}
      />
    </>
  );
}
