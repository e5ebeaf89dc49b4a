import { useState } from 'react';
import { LeafSheet } from '../../../../drawing/LeafSheet';
import { StockSheet } from '../../../../drawing/StockSheet';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { Measure } from '../../../../units/Measure';
import { useUnit } from '../../../../units/unit';

interface Props {
  number: number;
  width: number;
  height: number;
}

const GRAIN = { WITH_FOLD: 'along the fold', ACROSS_FOLD: 'across the fold', UNKNOWN: 'not tested' };

/** The stock sheet with its cuts and pieces, or the sheet that comes cut to size. */
export function CutDrawing({ number, width, height }: Props) {
  const { state } = useSession();
  const { unit } = useUnit();
  const [chosen, setChosen] = useState(0);
  const { plan } = state;
  const paper = plan.papers[number];
  const cutting = paper?.cutting;
  if (!paper || !cutting) {
    const grain = paper?.grain ?? 'UNKNOWN';
    return (
      <LeafSheet
        leafWidthMm={plan.leaf.widthMm}
        leafHeightMm={plan.leaf.heightMm}
        folded={plan.bound.folded}
        grain={grain}
        width={width}
        height={height}
        unit={unit}
        label={`The ${plan.bound.folded ? 'unfolded sheet with its fold' : 'single sheet'}; grain ${GRAIN[grain]}`}
      />
    );
  }
  const layout = cutting.layouts[Math.min(chosen, cutting.layouts.length - 1)];
  const many = cutting.layouts.length > 1;
  return (
    <>
      {many && (
        <div className="cut-which">
          <SelectField
            label="Sheets parted alike"
            value={String(Math.min(chosen, cutting.layouts.length - 1))}
            options={cutting.layouts.map((one, i) => ({
              value: String(i),
              label: `${one.sheets} ${one.sheets === 1 ? 'sheet' : 'sheets'}: ${one.pieces.length} pieces each`,
            }))}
            choose={(which) => setChosen(Number(which))}
          />
        </div>
      )}
      <StockSheet
        cutting={cutting}
        layout={layout}
        folded={plan.bound.folded}
        width={width}
        height={many ? height - 62 : height}
        unit={unit}
        label={
          layout
            ? `The stock sheet with its grain: ${layout.pieces.length} pieces by ${layout.cuts.length} cuts, grain ${GRAIN[paper.grain]}`
            : 'The stock sheet; the pieces wanted do not come out of it'
        }
      />
    </>
  );
}

/** The cuts in their order, what to take from the drawer, and what the other way of the grain would give. */
export function CutList({ number }: { number: number }) {
  const { state } = useSession();
  const paper = state.plan.papers[number];
  const cutting = paper?.cutting;
  if (!paper || !cutting) {
    return null;
  }
  return (
    <section className="cut-list" aria-label="Cutting list" tabIndex={0}>
      <div>
        <h2>Cut</h2>
        {cutting.layouts.map((layout, i) => (
          <div key={i}>
            {cutting.layouts.length > 1 && (
              <p className="cut-sheets">
                {layout.sheets} {layout.sheets === 1 ? 'sheet' : 'sheets'}:
              </p>
            )}
            <ol>
              {layout.steps.map((step, j) => (
                <li key={j}>
                  <Measure of={step} />
                </li>
              ))}
            </ol>
          </div>
        ))}
        {cutting.possible && (
          <p className="field-help">
            In the drawing: numbers for the cuts, dashed lines for folds, fine lines for the grain.
          </p>
        )}
        {!cutting.possible && <p>Nothing: the sheets wanted do not come out of this stock.</p>}
      </div>
      <dl>
        {paper.demands.map((demand, i) => (
          <div key={i}>
            <dt>Wanted</dt>
            <dd>
              {demand.number} of <Measure of={demand.size} />
            </dd>
          </div>
        ))}
        <div>
          <dt>To take</dt>
          <dd>
            {cutting.stockSheets} of <Measure of={cutting.size} />
            {cutting.have !== undefined && cutting.have !== null && `; ${cutting.have} in the drawer`}
          </dd>
        </div>
        {cutting.shortOf > 0 && (
          <div className="cut-short">
            <dt>Short</dt>
            <dd>
              {cutting.shortOf} {cutting.shortOf === 1 ? 'sheet' : 'sheets'}
            </dd>
          </div>
        )}
        <div>
          <dt>Left over</dt>
          <dd>{cutting.wastePercent} % of the paper</dd>
        </div>
        <div>
          <dt>Out of a sheet</dt>
          <dd>
            {cutting.grain === 'UNKNOWN'
              ? `${Math.max(cutting.right, cutting.wrong)}; the grain decides which way`
              : `${cutting.right} with the grain right, ${cutting.wrong} with it across, ${cutting.eitherWay} either way`}
          </dd>
        </div>
      </dl>
    </section>
  );
}
