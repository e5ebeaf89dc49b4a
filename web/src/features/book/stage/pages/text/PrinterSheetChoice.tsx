import type { Imposition, PrintWish } from '../../../../../api/client';
import { SelectField } from '../../../../../ui/choices';
import { LengthChoice } from './LengthChoice';

type Sheet = PrintWish['sheet'];

interface Props {
  label: string;
  /** What it is called not to have one; left out where there must be one. */
  none?: string;
  imposition: Imposition;
  field: 'sheet' | 'larger';
  chosen: Sheet | undefined;
  choose: (sheet: Sheet | undefined) => Promise<string | null>;
  say: (line: string | null) => void;
}

const OWN = 'own';
const NONE = 'none';

const PARTS = [
  { part: 'widthMm', words: 'Width' },
  { part: 'heightMm', words: 'Height' },
  { part: 'unprintableMm', words: 'Edge that stays white' },
] as const;

/** A printer's sheet: one that can be bought, or its own measures. */
export function PrinterSheetChoice({ label, none, imposition, field, chosen, choose, say }: Props) {
  const { papers, wish, measures } = imposition;
  const paper = papers.find(
    (one) => chosen && Math.abs(one.widthMm - chosen.widthMm) < 0.5 && Math.abs(one.heightMm - chosen.heightMm) < 0.5,
  );
  const of = field === 'larger' ? ', larger sheet' : ' of the printer’s sheet';
  return (
    <>
      <SelectField
        label={label}
        value={chosen ? (paper?.name ?? OWN) : NONE}
        options={[
          ...(none ? [{ value: NONE, label: none }] : []),
          ...papers.map((one) => ({ value: one.name, label: one.name })),
          ...(chosen && !paper ? [{ value: OWN, label: 'my own' }] : []),
        ]}
        choose={(name) => {
          const taken = papers.find((one) => one.name === name);
          if (taken) {
            const { unprintableMm } = chosen ?? wish.sheet;
            void choose({ widthMm: taken.widthMm, heightMm: taken.heightMm, unprintableMm }).then(say);
          } else if (name === NONE) {
            void choose(undefined).then(say);
          }
        }}
      />
      {chosen &&
        PARTS.map(({ part, words }) => (
          <LengthChoice
            key={part}
            label={part === 'unprintableMm' && field === 'sheet' ? words : words + of}
            shown={measures[`${field}.${part}`]}
            take={(mm) => choose({ ...chosen, [part]: mm })}
          />
        ))}
    </>
  );
}
