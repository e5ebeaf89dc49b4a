import { Button, Input } from 'antd';
import { useState } from 'react';
import type { DaysView } from '../../api/client';
import { SelectField } from '../../ui/choices';
import { readMinutes } from '../../ui/whole';
import { useWords } from '../../units/unit';
import type { DayActs } from './Days';
import { withAdded, type StepAdded } from './edits';

type Book = DaysView['books'][number];

const LYING: readonly { value: StepAdded['lying']; label: string }[] = [
  { value: 'NOT', label: 'it does not lie after it' },
  { value: 'AN_HOUR', label: 'then an hour under a weight' },
  { value: 'OVERNIGHT', label: 'then overnight under a weight' },
];

/** A step of one's own. */
export function AddStep({ book, acts }: { book: Book; acts: DayActs }) {
  const words = useWords();
  const [what, setWhat] = useState('');
  const [minutes, setMinutes] = useState('20');
  const [after, setAfter] = useState('');
  const [lying, setLying] = useState<StepAdded['lying']>('NOT');
  const [wrong, setWrong] = useState<string | null>(null);
  const add = async () => {
    const read = readMinutes(minutes);
    if (typeof read === 'string') {
      setWrong(read);
      return;
    }
    const line = await acts.keep(
      book.id,
      withAdded(book.days, { words: what, minutes: read, lying, ...(after ? { after } : {}) }),
    );
    setWrong(line);
    if (line === null) {
      setWhat('');
    }
  };
  return (
    <form
      className="add-step"
      aria-label={`A step more for ${book.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <label>
        A step more
        <Input value={what} maxLength={200} onChange={(event) => setWhat(event.target.value)} />
      </label>
      <label>
        Minutes
        <Input value={minutes} onChange={(event) => setMinutes(event.target.value)} />
      </label>
      <SelectField
        label="After"
        value={after}
        options={[
          { value: '', label: 'nothing, first of all' },
          ...book.steps.map((step) => ({ value: step.key, label: words(step.words) })),
        ]}
        choose={setAfter}
      />
      <SelectField label="And" value={lying} options={LYING} choose={setLying} />
      <Button htmlType="submit" disabled={what.trim() === ''}>
        Add it
      </Button>
      {wrong && (
        <p role="alert" className="days-wrong">
          {wrong}
        </p>
      )}
    </form>
  );
}
