import { Button, Checkbox } from 'antd';
import type { RowsView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { Segmented, SelectField } from '../../../../ui/choices';
import { LengthField } from '../../fields';
import { withCover, withRows, type Cover } from './edits';

const STUFFS: { value: Cover['stuff']; label: string }[] = [
  { value: 'THIN_PAPER', label: 'thin paper' },
  { value: 'CARD', label: 'card' },
  { value: 'CLOTH', label: 'cloth' },
  { value: 'LEATHER', label: 'leather' },
];

/** What the rows are laid on: a cover cut to the book, or one at hand. */
export function CoverChoices({ rows }: { rows: RowsView }) {
  const { session, state } = useSession();
  const { cover, rows: wish } = state.document;
  const atHand = cover.heightMm !== undefined || cover.spineMm !== undefined || cover.headSquareMm !== undefined;
  return (
    <section className="cover-choices" aria-label="The cover">
      <h2>The cover</h2>
      {wish.school === 'MARGIN' && (
        <LengthField
          label="Margin at each edge"
          field="rows.marginMm"
          edit={(d, marginMm) => withRows({ marginMm })(d)}
        />
      )}
      {wish.school === 'PITCH' && (
        <LengthField label="From row to row" field="rows.pitchMm" edit={(d, pitchMm) => withRows({ pitchMm })(d)} />
      )}
      <div className="field-pair">
        <LengthField
          label="Height"
          field="cover.heightMm"
          shown={rows.height}
          edit={(d, heightMm) => withCover({ heightMm })(d)}
        />
        <LengthField
          label="Spine"
          field="cover.spineMm"
          shown={rows.width}
          edit={(d, spineMm) => withCover({ spineMm })(d)}
        />
      </div>
      <div className="field-pair">
        <LengthField
          label="Square at the head"
          field="cover.headSquareMm"
          shown={rows.head}
          edit={(d, headSquareMm) => withCover({ headSquareMm })(d)}
        />
      </div>
      <SelectField
        label="The cover is of"
        value={cover.stuff}
        options={STUFFS}
        choose={(stuff) => session.change('what the cover is of', withCover({ stuff }))}
      />
      <Segmented
        label="Spine made to"
        value={cover.looseMm === undefined ? 'block' : 'loose'}
        options={[
          { value: 'block', label: 'the pressed block' },
          { value: 'loose', label: 'the loose stack' },
        ]}
        choose={(to) =>
          session.change(
            to === 'loose' ? 'spine to the loose stack' : 'spine to the block',
            withCover({ looseMm: to === 'loose' ? rows.looseMm : undefined, spineMm: undefined }),
          )
        }
      />
      {cover.looseMm !== undefined && (
        <LengthField
          label="Loose stack, as measured"
          field="cover.looseMm"
          shown={rows.loose}
          edit={(d, looseMm) => withCover({ looseMm })(d)}
          help="The signatures laid on each other, not pressed, with what is pasted in."
        />
      )}
      {atHand ? (
        <Button
          size="small"
          onClick={() =>
            session.change('cover cut to the book', (d) => ({
              ...d,
              cover: { ...d.cover, heightMm: undefined, spineMm: undefined, headSquareMm: undefined },
            }))
          }
        >
          Cut it to the book
        </Button>
      ) : (
        <p className="field-help">Cut to the book. Type over a measure for a cover at hand.</p>
      )}
    </section>
  );
}

/** Asks for a cover where a structure is sewn through one and none is wanted. */
export function CoverWanted() {
  const { session, state } = useSession();
  return (
    <Checkbox
      checked={state.document.cover.wanted}
      onChange={(event) =>
        session.change(event.target.checked ? 'a soft cover' : 'no cover', withCover({ wanted: event.target.checked }))
      }
    >
      Sewn through a soft cover
    </Checkbox>
  );
}
