import { Button } from 'antd';
import { useState } from 'react';
import { api, failure, outcome } from '../../../../api/client';
import { readLength } from '../../../../api/reading';
import { useCatalogue } from '../../../../api/catalogue';
import { useSession } from '../../../../state/useSession';
import { Segmented } from '../../../../ui/choices';
import { TypedField } from '../../../../ui/TypedField';
import { Measure } from '../../../../units/Measure';
import { useUnit } from '../../../../units/unit';
import { LengthField } from '../../fields';
import { SizeChoice } from '../../SizeChoice';

type By = 'size' | 'stock' | 'cover';

const GRAIN = { WITH_FOLD: 'grain along the fold', ACROSS_FOLD: 'grain across', UNKNOWN: 'grain not tested' };

/** The leaf's size: a standard one, the stock sheet halved, or to fit a cover at hand. */
export function LeafChoices() {
  const [by, setBy] = useState<By>('size');
  return (
    <>
      <Segmented
        label="The leaf is"
        value={by}
        options={[
          { value: 'size', label: 'a size' },
          { value: 'stock', label: 'the stock, halved' },
          { value: 'cover', label: 'to fit a cover' },
        ]}
        choose={setBy}
      />
      {by === 'size' && <BySize />}
      {by === 'stock' && <ByStock />}
      {by === 'cover' && <ByCover />}
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

function BySize() {
  const { session, state } = useSession();
  const sizes = useCatalogue()?.sizes ?? [];
  const { leaf } = state.document;
  return (
    <SizeChoice
      label="Leaf"
      sizes={sizes}
      widthMm={leaf.widthMm}
      heightMm={leaf.heightMm}
      choose={({ name, widthMm, heightMm }) =>
        session.change(`leaf ${name}`, (d) => ({ ...d, leaf: { ...d.leaf, widthMm, heightMm } }))
      }
    />
  );
}

/** Every leaf the stock sheet folds to by halving, with what becomes of its grain. */
function ByStock() {
  const { session, state } = useSession();
  const { leaf } = state.document;
  const halvings = state.plan.papers[0]?.halvings ?? [];
  if (halvings.length === 0) {
    return (
      <p className="field-help">
        The paper comes cut to size. Say under “cutting” what sheets it comes in, and the leaves they fold to are listed
        here.
      </p>
    );
  }
  return (
    <ul className="halvings" aria-label="Leaves the stock sheet folds to">
      {halvings.map((one) => {
        const now = Math.abs(one.leafWidthMm - leaf.widthMm) < 0.5 && Math.abs(one.leafHeightMm - leaf.heightMm) < 0.5;
        return (
          <li key={one.times}>
            <Button
              size="small"
              type={now ? 'primary' : 'default'}
              aria-pressed={now}
              onClick={() =>
                session.change('leaf from the stock', (d) => ({
                  ...d,
                  leaf: { ...d.leaf, widthMm: one.leafWidthMm, heightMm: one.leafHeightMm },
                }))
              }
            >
              <Measure of={one.leaf} />
            </Button>
            <p className="field-help">
              {one.times === 1 ? 'folded once' : `halved ${one.times - 1}×, then folded`}; {one.sheetsEach}{' '}
              {one.sheetsEach === 1 ? 'sheet' : 'sheets'} of each; {GRAIN[one.grain]}
            </p>
          </li>
        );
      })}
    </ul>
  );
}

type Part = 'front' | 'height' | 'square';

/** A leaf that fits a cover at hand, its measures read by the server. */
function ByCover() {
  const { session } = useSession();
  const { unit } = useUnit();
  const [typed, setTyped] = useState<Record<Part, { text: string; mm: number | null }>>({
    front: { text: '', mm: null },
    height: { text: '', mm: null },
    square: { text: unit === 'MM' ? '3 mm' : '1/8 in', mm: unit === 'MM' ? 3 : 3.175 },
  });
  const [wrong, setWrong] = useState<string | null>(null);
  const take = (part: Part) => async (text: string) => {
    const read = await readLength(text, unit);
    if (read.kind !== 'value') {
      return failure(read);
    }
    setTyped((before) => ({ ...before, [part]: { text, mm: read.value.mm } }));
    return null;
  };
  const { front, height, square } = typed;
  const fit = async () => {
    const found = await outcome(
      api.POST('/api/plan/leaf-for-cover', {
        body: { frontMm: front.mm ?? 0, heightMm: height.mm ?? 0, squareMm: square.mm ?? 0 },
      }),
    );
    if (found.kind === 'value') {
      setWrong(null);
      session.change('leaf to fit a cover', (d) => ({ ...d, leaf: { ...d.leaf, ...found.value } }));
    } else {
      setWrong(failure(found));
    }
  };
  return (
    <>
      <div className="field-pair">
        <TypedField label="Cover, front" shown={front.text} take={take('front')} measured />
        <TypedField label="Cover, height" shown={height.text} take={take('height')} measured />
      </div>
      <TypedField
        label="Square"
        shown={square.text}
        take={take('square')}
        measured
        help="How far the cover stands out at head, tail and fore edge."
      />
      <Button size="small" disabled={front.mm === null || height.mm === null} onClick={() => void fit()}>
        Fit the leaf to it
      </Button>
      {wrong && (
        <p className="field-line" role="alert">
          {wrong}
        </p>
      )}
    </>
  );
}
