import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { Fragment, type ReactNode } from 'react';
import { api, value, type BookDocument, type SplitView } from '../../../../api/client';
import { Bundle } from '../../../../drawing/Bundle';
import { useSession } from '../../../../state/useSession';
import { ErrorNote, Waiting } from '../../../../ui/ErrorNote';
import { Measure } from '../../../../units/Measure';
import { MaybeCountField } from '../../fields';

type Wish = BookDocument['gathering']['wish'];
type Gathering = BookDocument['gathering'];

export function withGathering(part: Partial<Gathering>): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, gathering: { ...document.gathering, ...part } });
}

function withWish(part: Partial<Wish>): (document: BookDocument) => BookDocument {
  return (document) =>
    withGathering({ wish: { ...document.gathering.wish, ...part }, signatures: undefined, filledTo: undefined })(
      document,
    );
}

/** What the splits do not depend on is left out of the key: taking one of them asks for no other list. */
function useSplits() {
  const { document } = useSession().state;
  const asked = {
    ...document,
    name: '',
    purpose: '',
    done: [],
    gathering: { ...document.gathering, signatures: undefined, filled: false, filledTo: undefined },
  };
  return useQuery({
    queryKey: ['splits', asked],
    queryFn: () => value(api.POST('/api/plan/splits', { body: document })),
    placeholderData: keepPreviousData,
  });
}

function useTake() {
  const { session } = useSession();
  return (split: SplitView) =>
    session.change(
      `${split.words} sheets`,
      withGathering({ signatures: split.signatures, filled: split.filled, filledTo: split.filledTo }),
    );
}

/** What is preferred of a split. */
export function SplitChoices() {
  const { session, state } = useSession();
  const { wish, signatures, recipes } = state.document.gathering;
  if (recipes.length > 0) {
    return (
      <p className="field-help">A recipe says what lies in each signature; the splits are for sheets all alike.</p>
    );
  }
  return (
    <>
      <Checkbox
        checked={wish.odd}
        onChange={(e) => session.change('odd signatures', withWish({ odd: e.target.checked }))}
      >
        Rather an odd number
      </Checkbox>
      <Checkbox
        checked={wish.endpapersApart}
        onChange={(e) => session.change('endpapers', withWish({ endpapersApart: e.target.checked }))}
      >
        Endpapers as sections of their own
      </Checkbox>
      <div className="field-pair">
        <MaybeCountField
          label="Signatures, exactly"
          field="gathering.wish.signatures"
          what="signatures"
          value={wish.signatures}
          edit={(d, number) => withWish({ signatures: number })(d)}
        />
        <MaybeCountField
          label="Sheets in each"
          field="gathering.wish.sheetsEach"
          what="sheets"
          value={wish.sheetsEach}
          edit={(d, number) => withWish({ sheetsEach: number })(d)}
        />
      </div>
      <MaybeCountField
        label="Sheets in each, at most"
        field="gathering.wish.mostSheets"
        what="sheets"
        value={wish.mostSheets}
        edit={(d, number) => withWish({ mostSheets: number })(d)}
      />
      {signatures !== undefined && (
        <p>
          <Button
            size="small"
            onClick={() =>
              session.change('best split', withGathering({ signatures: undefined, filled: false, filledTo: undefined }))
            }
          >
            Take the best again
          </Button>
        </p>
      )}
    </>
  );
}

const SHOWN = 6;

/** The best splits as bundles side by side, drawn to one scale from the head. */
export function SplitLook({ width }: { width: number }) {
  const splits = useSplits();
  const take = useTake();
  const taken = useSession().state.plan.block.words;
  const shown = splits.data?.slice(0, SHOWN) ?? [];
  const thickest = Math.max(1, ...shown.map((split) => split.spineMm));
  const room = Math.max(80, (width - 10) / Math.max(1, shown.length) - 10);
  const scale = Math.min(196 / thickest, 9);
  if (splits.isError) {
    return <ErrorNote message={splits.error.message} again={() => void splits.refetch()} />;
  }
  if (!splits.data) {
    return <Waiting what="Dividing the sheets" />;
  }
  return (
    <ul className="bundles" aria-label="Splits, drawn">
      {shown.map((split) => (
        <li key={`${split.words}`}>
          <button type="button" aria-pressed={split.words === taken} onClick={() => take(split)} className="bundle">
            <Bundle split={split} width={room} height={200} scale={scale} />
            <span>{split.words}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** What is told of each split in numbers. */
const NUMBERS: readonly [label: string, of: (split: SplitView) => ReactNode][] = [
  ['Folded', (split) => <Measure of={split.fold} />],
  ['Blank', (split) => split.blanks],
  ['Creep', (split) => <Measure of={split.creep} />],
  ['Swell', (split) => <Measure of={split.swell} />],
  ['Spine', (split) => <Measure of={split.spine} />],
  ['Wedge', (split) => <Measure of={split.wedge} />],
  ['Holes', (split) => split.holes],
  ['Thread', (split) => <Measure of={split.thread} />],
  ['Time', (split) => <Measure of={split.time} />],
];

/** The same splits in numbers, the best first. */
export function SplitTable() {
  const splits = useSplits();
  const take = useTake();
  const { state } = useSession();
  const taken = state.plan.block.words;
  if (!splits.data || splits.data.length === 0) {
    return splits.data && state.document.gathering.recipes.length === 0 ? (
      <p className="field-help">No split meets every wish.</p>
    ) : null;
  }
  return (
    <>
      <p className="field-help">
        Behind what speaks against a split stands how much it weighs; 1 is about what makes a binder choose another.
        Comfortable even splits come first, those with a caution last, whatever they weigh.
      </p>
      <div className="splits" tabIndex={0} role="region" aria-label="Splits in numbers">
        <table>
          <thead>
            <tr>
              <th scope="col">Sheets</th>
              {NUMBERS.map(([label]) => (
                <th key={label} scope="col">
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {splits.data.map((split) => (
              <Fragment key={split.words}>
                <tr className={split.words === taken ? 'split-taken' : ''}>
                  <th scope="row">
                    {split.words === taken ? (
                      <span className="split-now">{split.words}</span>
                    ) : (
                      <Button size="small" onClick={() => take(split)} aria-label={`Take ${split.words}`}>
                        {split.words}
                      </Button>
                    )}
                  </th>
                  {NUMBERS.map(([label, of]) => (
                    <td key={label} data-label={label}>
                      {of(split)}
                    </td>
                  ))}
                </tr>
                <tr className={split.words === taken ? 'split-why split-taken' : 'split-why'}>
                  <td className="split-reasons" colSpan={NUMBERS.length + 1}>
                    {split.reasons.map((reason, i) => (
                      <span key={i} className={reason.speaksFor ? 'speaks-for' : 'speaks-against'}>
                        {reason.speaksFor ? '+ ' : '− '}
                        <Measure of={reason.words} />
                        {reason.weight > 0 && <span className="split-weight"> {reason.weight.toFixed(2)}</span>}
                      </span>
                    ))}
                  </td>
                </tr>
              </Fragment>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
