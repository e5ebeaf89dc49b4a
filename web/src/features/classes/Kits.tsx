import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { CourseView } from '../../api/client';
import { Segmented } from '../../ui/choices';
import { LabelChoice, useLabels } from '../../ui/LabelChoice';
import { useWords } from '../../units/unit';

const HANDOUTS = [
  { form: 'TWO_TO_A_SHEET', words: 'Handouts, two to a sheet' },
  { form: 'WALL', words: 'For the wall' },
  { form: 'WORDLESS', words: 'Without words' },
] as const;

/** What lies in each envelope and on the tables, what is to be got for it, and what of that is printed. */
export function Kits({ view, takeOut }: { view: CourseView; takeOut: () => void }) {
  return (
    <div className="class-kits">
      <Items name={`In each of ${view.kits} envelopes`} items={view.envelope} />
      <Items name={view.tables === 1 ? 'On the table' : `On ${view.tables} tables together`} items={view.onTables} />
      <section aria-label="To get ready">
        <h2>To get ready for it</h2>
        <ul>
          {view.amounts.map((one) => (
            <li key={one.name}>
              <strong>{one.amount}</strong> {one.name}
              {one.have && <span className="class-range"> there: {one.have}</span>}
            </li>
          ))}
        </ul>
        {view.cost != null && (
          <p>
            {(view.cost / view.kits).toFixed(2)} for each, {view.cost.toFixed(2)} for all {view.kits}
          </p>
        )}
        {view.taken ? (
          <p>
            It was taken out of the drawers; <Link to="/shopping">that is undone among the shopping</Link>.
          </p>
        ) : (
          <p className="acts">
            <Button size="small" onClick={takeOut}>
              Take it out of the drawers
            </Button>
          </p>
        )}
        {view.document.brings && <p>Everybody brings: {view.document.brings}</p>}
      </section>
      <Printed view={view} />
    </div>
  );
}

function Items({ name, items }: { name: string; items: CourseView['envelope'] }) {
  const words = useWords();
  return (
    <section aria-label={name}>
      <h2>{name}</h2>
      <ul>
        {items.map((item, i) => (
          <li key={i}>
            {item.number > 1 && <strong>{item.number} × </strong>}
            {words(item.what)}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Labels for the envelopes, the list of all that is made ready, and what the book gives to print for a class. */
function Printed({ view }: { view: CourseView }) {
  const labels = useLabels();
  const [hand, setHand] = useState<'left' | 'right'>('right');
  const { paper } = labels.printing;
  return (
    <section aria-label="On paper" className="class-paper">
      <h2>On paper</h2>
      <div>
        <LabelChoice labels={labels} />
      </div>
      <div>
        <Segmented
          label="Needle in"
          value={hand}
          options={[
            { value: 'right', label: 'the right hand' },
            { value: 'left', label: 'the left' },
          ]}
          choose={setHand}
        />
        <p className="acts">
          {HANDOUTS.map(({ form: out, words }) => (
            <Button
              key={out}
              size="small"
              href={`/api/classes/${view.id}/handout.pdf?form=${out}&leftHanded=${hand === 'left'}&paper=${paper}`}
              target="_blank"
            >
              {words}
            </Button>
          ))}
          {!view.document.ahead.includes('PUNCHED') && (
            <Button size="small" href={`/api/classes/${view.id}/template.pdf?${labels.query}`} target="_blank">
              Templates, as many as a sheet holds
            </Button>
          )}
        </p>
      </div>
      <div>
        <p className="acts">
          <Button size="small" href={`/api/classes/${view.id}/labels.pdf?${labels.query}`} target="_blank">
            Print the labels
          </Button>
          <Button size="small" href={`/api/classes/${view.id}/kits.pdf?paper=${paper}`} target="_blank">
            Print the list
          </Button>
          <Button size="small" href={`/api/classes/${view.id}/kits.csv`}>
            Save the list as CSV
          </Button>
        </p>
      </div>
    </section>
  );
}
