import { Button } from 'antd';
import { useState } from 'react';
import { useCatalogue } from '../../api/catalogue';
import { api, failure, outcome, type BookDocument } from '../../api/client';
import { useThings } from '../../api/drawers';
import type { components } from '../../api/generated/schema';
import { SelectField } from '../../ui/choices';
import { Measure } from '../../units/Measure';
import { BeginActs, BeginField, FieldLine, PaperFields } from './beginFields';
import { stays, wholeNumber, type Begin } from './useBegin';

type PaperBook = components['schemas']['PaperBook'];
type SheetGrain = NonNullable<BookDocument['paper']['stock']>['grain'];

/** A book begun from the sheets that lie there: what comes out of them is shown, and one of it is begun. */
export function FromPaper({ begin, close }: { begin: Begin; close: () => void }) {
  const catalogue = useCatalogue();
  const [name, setName] = useState('');
  const [sheets, setSheets] = useState('10');
  const [size, setSize] = useState('A2');
  const [grain, setGrain] = useState<SheetGrain>('UNKNOWN');
  const [weight, setWeight] = useState('120 gsm');
  const [from, setFrom] = useState('');
  const [books, setBooks] = useState<PaperBook[] | null>(null);
  const taken = useThings('PAPERS')?.things.find((thing) => thing.id === from)?.paper;

  const tried = async () => {
    const have = wholeNumber(sheets, 'sheets');
    if (typeof have === 'string') {
      begin.refuse('sheets', have);
      return;
    }
    const plain = await begin.plain();
    const gsm = plain && (taken ? taken.grammageGsm : await begin.weighed(weight));
    if (!plain || gsm === null) {
      return;
    }
    const typed = catalogue?.stockSizes.find((one) => one.name === size);
    const stock = taken?.stock ?? (typed && { widthMm: typed.widthMm, heightMm: typed.heightMm, grain, deckleMm: 0 });
    const asked = await outcome(
      api.POST('/api/plan/from-paper', {
        body: {
          ...plain,
          name: name.trim() || plain.name,
          paper: {
            ...(taken ?? { ...plain.paper, grammageGsm: gsm }),
            ...(stock ? { stock: { ...stock, have } } : {}),
          },
        },
      }),
    );
    if (asked.kind === 'value') {
      if (asked.value.length === 0) {
        begin.refuse('', 'No book comes out of sheets so small.');
        return;
      }
      begin.clear();
      setBooks(asked.value);
    } else if (asked.kind === 'refused') {
      begin.refused(asked.problem);
    } else {
      begin.refuse('', asked.kind === 'lost' ? stays(asked.message) : failure(asked));
    }
  };

  if (books) {
    return (
      <div className="paper-books">
        <p>
          These come out of {sheets.trim()} sheets, all of them used.{' '}
          {(taken?.stock?.grain ?? grain) === 'UNKNOWN'
            ? 'Try the grain before you cut: it is to lie along the fold.'
            : 'The grain lies along the fold.'}
        </p>
        <table>
          <thead>
            <tr>
              <th scope="col">Leaf</th>
              <th scope="col">From a sheet</th>
              <th scope="col">Pages</th>
              <th scope="col">Left over</th>
              <th aria-hidden="true" />
            </tr>
          </thead>
          <tbody>
            {books.map((book) => (
              <tr key={book.name}>
                <th scope="row">
                  {book.name}
                  <span>
                    <Measure of={book.size} />
                  </span>
                </th>
                <td>{book.perSheet}</td>
                <td>{book.pages}</td>
                <td>{book.wastePercent} %</td>
                <td>
                  <Button
                    size="small"
                    aria-label={`Begin ${book.name}, ${book.pages} pages`}
                    onClick={() => void begin.settle(book.document, false)}
                  >
                    Begin
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <FieldLine begin={begin} at="" />
        <div className="begin-acts">
          <Button onClick={() => setBooks(null)}>Back</Button>
        </div>
      </div>
    );
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void begin.once(tried);
      }}
      className="begin"
      noValidate
    >
      <BeginField begin={begin} at="name" label="Name" value={name} change={setName} placeholder={begin.named} />
      <BeginField begin={begin} at="sheets" label="Sheets in hand" value={sheets} change={setSheets} whole first />
      <PaperFields begin={begin} from={from} choose={setFrom} weight={weight} change={setWeight} />
      {!taken?.stock && (
        <>
          <SelectField
            label="Size of a sheet"
            value={size}
            options={(catalogue?.stockSizes ?? []).map((one) => ({ value: one.name, label: one.name }))}
            choose={setSize}
          />
          <SelectField
            label="Grain of the sheet"
            value={grain}
            options={(catalogue?.sheetGrains ?? []).map((one) => ({
              value: one.key as SheetGrain,
              label: one.words,
            }))}
            choose={setGrain}
          />
        </>
      )}
      <FieldLine begin={begin} at="" />
      <BeginActs words="Show what comes out" close={close} />
    </form>
  );
}
