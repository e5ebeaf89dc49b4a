import { useState } from 'react';
import { useSession } from '../../../state/useSession';
import { ManyChoice } from '../../../ui/Choice';

type Paper = 'A4' | 'LETTER';

/** The sewing on paper: a few moves to a picture, to be printed or kept as a drawing. */
export function StepSheets() {
  const { view } = useSession().state;
  const [paper, setPaper] = useState<Paper>('A4');
  return (
    <div className="step-sheets">
      <h2 className="sew-notation-name">On paper</h2>
      <ManyChoice
        label="Printed on"
        value={paper}
        options={[
          { value: 'A4', label: 'A4' },
          { value: 'LETTER', label: 'letter' },
        ]}
        choose={setPaper}
      />
      <p>
        <a href={`/api/books/${view.id}/steps.pdf?paper=${paper}`} target="_blank" rel="noreferrer">
          Print the step sheet
        </a>
        {' · '}
        <a href={`/api/books/${view.id}/steps.svg?paper=${paper}&save=true`} download>
          its first page as SVG
        </a>
      </p>
    </div>
  );
}
