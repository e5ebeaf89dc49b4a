import { Button } from 'antd';
import { useSession } from '../../../state/useSession';
import { LabelChoice, useLabels } from '../../../ui/LabelChoice';
import { CountField, TextField } from '../fields';
import { left, withEdition, withMoreKind } from './edits';
import { KindChoices } from './KindChoices';

/** How many copies, how they differ, what is cut besides, how quick hands become; and a slip for each. */
export function CopyChoices() {
  const { session, state } = useSession();
  const { document } = state;
  const { edition } = document;
  const free = left(document);
  return (
    <>
      <div className="field-pair">
        <CountField
          label="Copies"
          field="use.copies"
          what="copies"
          value={document.use.copies}
          edit={(d, copies) => ({ ...d, use: { ...d.use, copies } })}
        />
        <CountField
          label="To spare, %"
          field="edition.sparePercent"
          what="percent"
          value={edition.sparePercent}
          edit={(d, sparePercent) => withEdition({ sparePercent })(d)}
          help="Cut besides, of each kind"
        />
      </div>
      {edition.kinds.map((kind, i) => (
        <KindChoices key={i} number={i} kind={kind} />
      ))}
      <p className="copies-as">
        {edition.kinds.length === 0
          ? 'All are alike.'
          : free === 1
            ? 'One is left, as the book is.'
            : `${free === 0 ? 'None' : free} are left, as the book is.`}{' '}
        {free > 0 && document.use.copies > 1 && (
          <Button size="small" onClick={() => session.change('a kind of copies', withMoreKind)}>
            Some are unlike
          </Button>
        )}
      </p>
      <CountField
        label="At twice the number, % of the time"
        field="edition.practicePercent"
        what="percent"
        value={edition.practicePercent}
        edit={(d, practicePercent) => withEdition({ practicePercent })(d)}
        help="90 is common practice, 100 where hands become no quicker; or your own"
      />
      <TextField
        label="A line for every copy"
        field="edition.colophon"
        value={edition.colophon}
        maxLength={400}
        multiline
        edit={(d, colophon) => withEdition({ colophon })(d)}
      />
      <Slips />
    </>
  );
}

/** A slip for each copy, printed. */
function Slips() {
  const { state } = useSession();
  const labels = useLabels();
  return (
    <section className="copies-slips" aria-label="A slip for each copy">
      <h2>A slip for each</h2>
      <LabelChoice labels={labels} />
      <p className="acts">
        <Button size="small" href={`/api/books/${state.view.id}/copies/slips.pdf?${labels.query}`} target="_blank">
          Print the slips
        </Button>
      </p>
    </section>
  );
}
