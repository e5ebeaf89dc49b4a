import { Checkbox } from 'antd';
import { useState } from 'react';
import { useCatalogue } from '../../api/catalogue';
import type { BookDocument } from '../../api/client';
import { useThings } from '../../api/drawers';
import { SelectField } from '../../ui/choices';
import { NEEDS } from '../../ui/needs';
import { useUnit } from '../../units/unit';
import { BeginActs, BeginField, FieldLine, PaperFields } from './beginFields';
import { wholeNumber, type Begin } from './useBegin';

type By = BookDocument['extent']['by'];

const COUNTED: Record<By, string> = { PAGES: 'Pages', LEAVES: 'Leaves', SHEETS: 'Sheets' };

interface Props {
  begin: Begin;
  /** Whether it is asked first what the book has to do, and how it is bound for that. */
  purpose: boolean;
  close: () => void;
}

/** A book begun from how many pages, how large, on what paper; everything can be changed after. */
export function FromCount({ begin, purpose, close }: Props) {
  const { unit } = useUnit();
  const sizes = useCatalogue()?.sizes ?? [];
  const [needs, setNeeds] = useState<BookDocument['use']['needs']>([]);
  const [name, setName] = useState('');
  const [pages, setPages] = useState('32');
  const [size, setSize] = useState<string | null>(null);
  const [weight, setWeight] = useState('120 gsm');
  const [by, setBy] = useState<By>('PAGES');
  const [from, setFrom] = useState('');
  const taken = useThings('PAPERS')?.things.find((thing) => thing.id === from)?.paper;
  const chosen = size ?? (unit === 'MM' ? 'A5' : 'Half letter');

  const tried = async () => {
    const number = wholeNumber(pages, COUNTED[by].toLowerCase());
    if (typeof number === 'string') {
      begin.refuse('pages', number);
      return;
    }
    const plain = await begin.plain();
    const gsm = plain && (taken ? taken.grammageGsm : await begin.weighed(weight));
    if (!plain || gsm === null) {
      return;
    }
    const leaf = sizes.find((one) => one.name === chosen);
    await begin.settle(
      {
        ...plain,
        name: name.trim() || plain.name,
        use: { ...plain.use, needs },
        extent: { by, number },
        leaf: { ...plain.leaf, ...(leaf ? { widthMm: leaf.widthMm, heightMm: leaf.heightMm } : {}) },
        paper: taken ?? { ...plain.paper, grammageGsm: gsm },
      },
      purpose,
    );
  };

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void begin.once(tried);
      }}
      className="begin"
      noValidate
    >
      {purpose && (
        <div className="field" role="group" aria-label="What it has to do">
          <span className="field-name">What it has to do</span>
          <Checkbox.Group className="how-needs" options={NEEDS} value={needs} onChange={setNeeds} />
        </div>
      )}
      <BeginField
        begin={begin}
        at="name"
        label="Name"
        value={name}
        change={setName}
        placeholder={begin.named}
        first={!purpose}
      />
      <BeginField begin={begin} at="pages" label={COUNTED[by]} value={pages} change={setPages} whole />
      <SelectField
        label="Counted in"
        value={by}
        options={(Object.keys(COUNTED) as By[]).map((one) => ({ value: one, label: COUNTED[one].toLowerCase() }))}
        choose={setBy}
      />
      <SelectField
        label="Leaf"
        value={chosen}
        options={sizes.map((one) => ({ value: one.name, label: one.name }))}
        choose={setSize}
      />
      <FieldLine begin={begin} at="size" />
      <PaperFields begin={begin} from={from} choose={setFrom} weight={weight} change={setWeight} />
      <FieldLine begin={begin} at="" />
      <BeginActs words={purpose ? 'Show how it is bound' : 'Begin'} close={close} />
    </form>
  );
}
