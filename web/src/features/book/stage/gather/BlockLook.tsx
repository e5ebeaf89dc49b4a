import { Checkbox } from 'antd';
import { useState } from 'react';
import { BlockEnd } from '../../../../drawing/BlockEnd';
import { useSession } from '../../../../state/useSession';
import { Segmented } from '../../../../ui/choices';
import { useWords } from '../../../../units/unit';
import { LengthField } from '../../fields';
import { ThreadFromDrawer } from '../../ThreadFromDrawer';
import { withGathering } from './SplitLook';

/** How it is pressed and sewn, and what is to be pasted in. */
export function BlockChoices() {
  const { session, state } = useSession();
  const { gathering } = state.document;
  const { bound } = state.plan;
  return (
    <>
      <LengthField
        label="Room for what is pasted in"
        field="gathering.pasteInsMm"
        edit={(d, pasteInsMm) => withGathering({ pasteInsMm })(d)}
        help="All of it together, as a stack."
      />
      {!bound.folded && (
        <Checkbox
          checked={state.document.pages.doubled}
          onChange={(event) => {
            const doubled = event.target.checked;
            session.change(doubled ? 'folded at the fore edge' : 'single leaves', (d) => ({
              ...d,
              pages: { ...d.pages, doubled },
            }));
          }}
        >
          Each sheet folded at the fore edge, printed on one side
        </Checkbox>
      )}
      {!bound.folded && <CoversOfBlock />}
      {bound.folded && (
        <>
          <Segmented
            label="Pressed"
            value={gathering.pressing}
            options={[
              { value: 'FRESH', label: 'not yet' },
              { value: 'AN_HOUR', label: 'for an hour' },
              { value: 'OVERNIGHT', label: 'overnight' },
            ]}
            choose={(pressing) => session.change('pressing', withGathering({ pressing }))}
          />
          {bound.mayBeRounded && (
            <Segmented
              label="The back"
              value={gathering.back}
              options={[
                { value: 'FLAT', label: 'left flat' },
                { value: 'ROUNDED', label: 'rounded' },
              ]}
              choose={(back) => session.change(back === 'FLAT' ? 'flat back' : 'rounded back', withGathering({ back }))}
            />
          )}
          <ThreadFromDrawer />
          <Segmented
            label="Strands"
            value={String(state.document.thread.strands)}
            options={[
              { value: '1', label: 'single' },
              { value: '2', label: 'doubled' },
            ]}
            choose={(strands) =>
              session.change(strands === '2' ? 'thread doubled' : 'thread single', (d) => ({
                ...d,
                thread: { ...d.thread, strands: Number(strands) },
              }))
            }
          />
        </>
      )}
    </>
  );
}

/** Covers that are pierced with the sheets count in the thickness that is sewn through. */
function CoversOfBlock() {
  const { session, state } = useSession();
  const { cover } = state.document;
  return (
    <>
      <Segmented
        label="Covers"
        value={cover.wanted ? 'both' : 'none'}
        options={[
          { value: 'none', label: 'none' },
          { value: 'both', label: 'front and back, sewn with it' },
        ]}
        choose={(how) =>
          session.change(how === 'both' ? 'covers' : 'no covers', (d) => ({
            ...d,
            cover: { ...d.cover, wanted: how === 'both' },
          }))
        }
      />
      {cover.wanted && (
        <LengthField
          label="Each cover’s thickness"
          field="cover.thicknessMm"
          edit={(d, thicknessMm) => ({ ...d, cover: { ...d.cover, thicknessMm } })}
          help="A board with its cloth, say."
        />
      )}
    </>
  );
}

/** The whole block seen from the head, to scale, its wedge as it is or exaggerated. */
export function BlockLook({ width, height }: { width: number; height: number }) {
  const { state } = useSession();
  const words = useWords();
  const [exaggerated, setExaggerated] = useState(false);
  const { plan } = state;
  const figure = (key: string) => {
    const found = plan.figures.find((one) => one.key === key);
    return found ? words(found.value) : '';
  };
  const spine = figure('spine') || figure('block');
  const fore = figure('fore-edge') || figure('block');
  return (
    <>
      {plan.block.foreEdgeMm !== plan.block.spineMm && (
        <div className="drawing-switch">
          <Checkbox checked={exaggerated} onChange={(e) => setExaggerated(e.target.checked)}>
            Wedge five times as large
          </Checkbox>
        </div>
      )}
      <BlockEnd
        block={plan.block}
        leafMm={plan.leaf.widthMm}
        exaggerated={exaggerated}
        spine={spine}
        fore={fore}
        width={width}
        height={height - 34}
        label={`The book without its cover seen from the head: ${spine} at the spine, ${fore} at the fore edge${plan.bound.folded ? `, ${plan.block.signatures.length} signatures` : ''}${exaggerated ? ', the wedge drawn five times as large' : ''}`}
      />
    </>
  );
}
