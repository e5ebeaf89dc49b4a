import { Checkbox } from 'antd';
import { useId } from 'react';
import type { Imposition, PrintWish } from '../../../../../api/client';
import { Segmented, SelectField } from '../../../../../ui/choices';
import { PrinterChoice, type usePrinting } from '../../../../../ui/PrinterChoice';
import { TypedField } from '../../../../../ui/TypedField';
import { LengthChoice } from './LengthChoice';
import { PrinterSheetChoice } from './PrinterSheetChoice';
import { TestSheet } from './TestSheet';

interface Props {
  imposition: Imposition;
  keep: (wish: PrintWish) => Promise<string | null>;
  say: (line: string | null) => void;
  printing: ReturnType<typeof usePrinting>;
}

const MARKS = [
  { mark: 'CROP', label: 'where to cut' },
  { mark: 'FOLD', label: 'where to fold' },
  { mark: 'STATIONS', label: 'where to punch, on the fold' },
  { mark: 'COLLATION', label: 'steps down the backs' },
  { mark: 'NAMES', label: 'which sheet it is' },
] as const;

const MARGINS = [
  { part: 'foldMm', label: 'Margin at the fold' },
  { part: 'headMm', label: 'Margin at the head' },
  { part: 'foreEdgeMm', label: 'Margin at the fore edge' },
  { part: 'tailMm', label: 'Margin at the tail' },
] as const;

const OWN = 'own';

/** How a text is printed. */
export function PrintChoices({ imposition, keep, say, printing }: Props) {
  const { wish, canons } = imposition;
  const marks = useId();
  const change = (other: Partial<PrintWish>) => void keep({ ...wish, ...other }).then(say);
  const length = (label: string, field: string, put: (mm: number) => PrintWish) => (
    <LengthChoice key={field} label={label} shown={imposition.measures[field]} take={(mm) => keep(put(mm))} />
  );
  const canon = canons.find((one) =>
    MARGINS.every(({ part }) => Math.abs(one.margins[part] - wish.margins[part]) < 0.01),
  );
  return (
    <>
      <Segmented
        label="A page of the text"
        value={wish.fit}
        options={[
          { value: 'TRUE', label: 'as large as it is' },
          { value: 'MARGINS', label: 'fitted between margins' },
          { value: 'FILL', label: 'filling the leaf and over its edges' },
        ]}
        choose={(fit) => change({ fit })}
      />
      {wish.fit === 'MARGINS' ? (
        <>
          <SelectField
            label="Margins to start from"
            value={canon?.canon ?? OWN}
            options={[
              ...canons.map((one) => ({ value: one.canon, label: one.words })),
              ...(canon ? [] : [{ value: OWN, label: 'my own' }]),
            ]}
            choose={(key) => {
              const chosen = canons.find((one) => one.canon === key);
              if (chosen) {
                change({ margins: chosen.margins });
              }
            }}
          />
          {canon && <p className="field-help">{canon.construction}</p>}
          {MARGINS.map(({ part, label }) =>
            length(label, `margins.${part}`, (mm) => ({ ...wish, margins: { ...wish.margins, [part]: mm } })),
          )}
        </>
      ) : (
        <>
          {length('Over the edges', 'bleedMm', (bleedMm) => ({ ...wish, bleedMm }))}
          {length('Margin at the fold, in the text itself', 'margins.foldMm', (foldMm) => ({
            ...wish,
            margins: { ...wish.margins, foldMm },
          }))}
        </>
      )}
      <NumberChoice
        label="Creep taken out, %"
        value={wish.creepPercent}
        take={(creepPercent) => keep({ ...wish, creepPercent })}
      />
      <PrinterSheetChoice
        label="Printer’s sheet"
        imposition={imposition}
        field="sheet"
        chosen={wish.sheet}
        choose={(sheet) => keep({ ...wish, sheet: sheet ?? wish.sheet })}
        say={say}
      />
      {(imposition.wantsLarger || wish.larger) && (
        <PrinterSheetChoice
          label="Sheets too large for it"
          none="no larger one at hand"
          imposition={imposition}
          field="larger"
          chosen={wish.larger}
          choose={(larger) => keep({ ...wish, larger })}
          say={say}
        />
      )}
      <div className="field" role="group" aria-labelledby={marks}>
        <span id={marks} className="field-name">
          Marks
        </span>
        {MARKS.map(({ mark, label }) => (
          <Checkbox
            key={mark}
            checked={wish.marks.includes(mark)}
            onChange={(event) =>
              change({
                marks: event.target.checked ? [...wish.marks, mark] : wish.marks.filter((one) => one !== mark),
              })
            }
          >
            {label}
          </Checkbox>
        ))}
      </div>
      <Segmented
        label="Both sides"
        value={wish.sides}
        options={[
          { value: 'BY_HAND', label: 'by hand: fronts, then backs' },
          { value: 'LONG_EDGE', label: 'the printer turns it over the long edge' },
          { value: 'SHORT_EDGE', label: 'the printer turns it over the short edge' },
        ]}
        choose={(sides) => change({ sides })}
      />
      {wish.sides === 'BY_HAND' && (
        <>
          <PrinterChoice printing={printing} />
          {printing.printer && <TestSheet key={printing.printer.id} printer={printing.printer} />}
          <NumberChoice
            label="Sheets before the stack is turned"
            value={wish.together}
            take={(together) => keep({ ...wish, together })}
          />
        </>
      )}
      <Segmented
        label="Files"
        value={wish.files}
        options={[
          { value: 'ONE', label: 'one for all' },
          { value: 'EACH_SIGNATURE', label: 'one for each signature' },
          { value: 'EACH_PAPER', label: 'one for each paper' },
        ]}
        choose={(files) => change({ files })}
      />
    </>
  );
}

function NumberChoice({
  label,
  value,
  take,
}: {
  label: string;
  value: number;
  take: (n: number) => Promise<string | null>;
}) {
  return (
    <TypedField
      label={label}
      shown={String(value)}
      take={(text) =>
        /^\d{1,4}$/.test(text.trim())
          ? take(Number(text.trim()))
          : Promise.resolve(`Read “${text.trim().slice(0, 40)}”; a whole number is wanted.`)
      }
    />
  );
}
