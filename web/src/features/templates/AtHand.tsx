import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { api, failure, outcome, type KeptView } from '../../api/client';
import { Segmented } from '../../ui/choices';
import { keepTolerance, keptTolerance } from '../../ui/printing';
import { useUnit } from '../../units/unit';

type Field = 'height' | 'spine' | 'within';

/** Finds the templates that fit a cover, a fold or a block at hand. */
export function AtHand({ found }: { found: (templates: KeptView[] | null) => void }) {
  const { unit } = useUnit();
  const [what, setWhat] = useState<'cover' | 'fold'>('cover');
  const [typed, setTyped] = useState<Record<Field, string>>({ height: '', spine: '', within: keptTolerance() });
  const [wrong, setWrong] = useState<{ field: string; line: string } | null>(null);
  const [searched, setSearched] = useState(false);
  const find = async (event: FormEvent) => {
    event.preventDefault();
    const ofCover = what === 'cover';
    const body = { ...typed, spine: ofCover ? typed.spine : '', ofCover, unit };
    const result = await outcome(api.POST('/api/templates/fitting', { body }));
    if (result.kind === 'value') {
      keepTolerance(typed.within);
      setWrong(null);
      setSearched(true);
      found(result.value);
    } else {
      setWrong({
        field: (result.kind === 'refused' && result.problem.field) || 'height',
        line: failure(result),
      });
    }
  };
  const field = (key: Field, label: string) => (
    <div className="field">
      <label htmlFor={`at-hand-${key}`}>{label}</label>
      <Input
        id={`at-hand-${key}`}
        value={typed[key]}
        status={wrong?.field === key ? 'error' : ''}
        aria-invalid={wrong?.field === key}
        aria-describedby={wrong?.field === key ? 'at-hand-wrong' : undefined}
        onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
      />
    </div>
  );
  return (
    <form className="at-hand" onSubmit={(event) => void find(event)} aria-label="A thing at hand">
      <Segmented
        label="At hand is"
        value={what}
        options={[
          { value: 'cover', label: 'a cover' },
          { value: 'fold', label: 'a fold or a block' },
        ]}
        choose={setWhat}
      />
      <div className="at-hand-fields">
        {field('height', 'Its height')}
        {what === 'cover' && field('spine', 'Its spine, if it matters')}
        {field('within', 'Off by at most')}
      </div>
      {wrong && (
        <p className="field-line" role="alert" id="at-hand-wrong">
          {wrong.line}
        </p>
      )}
      <p className="acts">
        <Button type="primary" htmlType="submit">
          Find what fits
        </Button>
        {searched && (
          <Button
            onClick={() => {
              setSearched(false);
              found(null);
            }}
          >
            Show all
          </Button>
        )}
      </p>
    </form>
  );
}
