import { Button, Checkbox } from 'antd';
import type { BookDocument, SideView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { TypedField } from '../../../../ui/TypedField';
import { useWords } from '../../../../units/unit';
import { LengthField } from '../../fields';
import { LEVELS, useHoles, withSide, type Side } from './edits';
import { PlaceChoices } from './PlaceChoices';
import { asPlaced } from './SideBoard';

/** Holes through the side of a block: the line of main holes, what else the binding has, sheets of their own size. */
export function SideChoices({ side }: { side: SideView }) {
  const { session, state } = useSession();
  const wish = state.document.side;
  const extras = side.holes.some((hole) => !['MAIN', 'INNER', 'BY_HAND'].includes(hole.role));
  return (
    <>
      <Checkbox
        checked={wish.byHand}
        onChange={(event) =>
          session.change(
            event.target.checked ? 'holes by hand' : 'holes as the binding has them',
            withSide(event.target.checked ? { byHand: true, placed: asPlaced(side) } : { byHand: false }),
          )
        }
      >
        Every hole placed by hand
      </Checkbox>
      {!wish.byHand && (
        <>
          <PlaceChoices side />
          <LengthField
            label="Main holes from the spine"
            field="side.edgeMm"
            edit={(d, edgeMm) => withSide({ edgeMm })(d)}
          />
          {extras && (
            <div className="field-pair">
              <LengthField
                label="Others, from the spine"
                field="side.extraEdgeMm"
                edit={(d, extraEdgeMm) => withSide({ extraEdgeMm })(d)}
              />
              <LengthField
                label="Satellites, along"
                field="side.alongMm"
                edit={(d, alongMm) => withSide({ alongMm })(d)}
              />
            </div>
          )}
          <Checkbox
            checked={wish.inner}
            onChange={(event) =>
              session.change(
                event.target.checked ? 'inner binding' : 'no inner binding',
                withSide({ inner: event.target.checked }),
              )
            }
          >
            Inner binding, tied first
          </Checkbox>
          {wish.inner && (
            <LengthField
              label="Inner holes from the spine"
              field="side.innerEdgeMm"
              edit={(d, innerEdgeMm) => withSide({ innerEdgeMm })(d)}
            />
          )}
        </>
      )}
      <p className="field-help">
        Drag a hole, or move it with the arrow keys; press on the block to set one, Delete takes it out. Then every hole
        is placed by hand.
      </p>
      <LooseSheets side={side} />
    </>
  );
}

/** Sheets and fold-outs that are not of the book’s size, and whether the holes catch them. */
function LooseSheets({ side }: { side: SideView }) {
  const { session, state } = useSession();
  const { heightMm } = useHoles();
  const words = useWords();
  const { loose } = state.document.side;
  const set = (index: number, part: Partial<Side['loose'][number]>) => (d: BookDocument) =>
    withSide({ loose: d.side.loose.map((sheet, i) => (i === index ? { ...sheet, ...part } : sheet)) })(d);
  return (
    <section className="unlike" aria-label="Sheets of their own size">
      <h2>Sheets of their own size</h2>
      {loose.map((sheet, i) => (
        <div key={i} className="loose">
          <TypedField
            label="Sheet"
            shown={sheet.name}
            maxLength={60}
            take={(name) => {
              session.change('sheet named', set(i, { name }));
              return Promise.resolve(null);
            }}
            refusal={state.refusal?.field === 'side.loose' ? state.refusal.message : null}
          />
          <LengthField
            label="Width, folded back"
            field={`side.loose.${i}.width`}
            shown={side.loose[i]?.width}
            edit={(d, widthMm) => set(i, { widthMm })(d)}
          />
          <LengthField
            label="Height"
            field={`side.loose.${i}.height`}
            shown={side.loose[i]?.height}
            edit={(d, heightMm) => set(i, { heightMm })(d)}
          />
          <SelectField
            label="Level at"
            value={sheet.level}
            options={LEVELS}
            choose={(level) => session.change('sheet level', set(i, { level }))}
          />
          {side.loose[i] && (
            <p className={side.loose[i].caught ? 'field-help' : 'row-fault'}>
              {words(side.loose[i].size)}: {words(side.loose[i].words)}.
            </p>
          )}
          <Button
            size="small"
            onClick={() =>
              session.change('sheet taken out', withSide({ loose: loose.filter((_, other) => other !== i) }))
            }
          >
            Take it out
          </Button>
        </div>
      ))}
      <Button
        size="small"
        onClick={() =>
          session.change(
            'a sheet of its own size',
            withSide({
              loose: [
                ...loose,
                { name: `Sheet ${loose.length + 1}`, widthMm: side.widthMm, heightMm: heightMm, level: 'HEAD' },
              ],
            }),
          )
        }
      >
        Lay one in
      </Button>
    </section>
  );
}
