import { Checkbox } from 'antd';
import { Link } from 'react-router';
import { failure, type CourseDocument, type CourseView } from '../../api/client';
import { readLength } from '../../api/reading';
import { Segmented } from '../../ui/choices';
import { TypedField } from '../../ui/TypedField';
import { useUnit, useWords } from '../../units/unit';
import { dayAndTime, sent } from './when';

interface Props {
  view: CourseView;
  keep: (document: CourseDocument) => Promise<string | null>;
}

type Numbered = 'minutes' | 'people' | 'helpers' | 'atTable' | 'sparePercent';

const NUMBERS: { part: Numbered; label: string; what: string }[] = [
  { part: 'minutes', label: 'Lasts, minutes', what: 'minutes' },
  { part: 'people', label: 'People', what: 'people' },
  { part: 'helpers', label: 'Helpers beside you', what: 'helpers' },
  { part: 'atTable', label: 'At one table', what: 'people' },
  { part: 'sparePercent', label: 'Kits to spare, %', what: 'percent' },
];

const AHEAD = [
  { value: 'FOLDED', label: 'folded' },
  { value: 'PUNCHED', label: 'punched' },
] as const;

/** What the class is to be. */
export function ClassChoices({ view, keep }: Props) {
  const { document } = view;
  return (
    <>
      <TypedField label="Called" shown={document.name} maxLength={80} take={(name) => keep({ ...document, name })} />
      <p>
        It makes <Link to={`/books/${document.bookId}/purpose`}>{view.book}</Link>
      </p>
      <TypedField
        label="Begins"
        shown={document.begins ? dayAndTime(document.begins) : ''}
        empty="2026-12-05 14:00"
        take={(typed) => keep({ ...document, begins: sent(typed) })}
      />
      <div className="class-numbers">
        {NUMBERS.map(({ part, label, what }) => (
          <TypedField
            key={part}
            label={label}
            shown={String(document[part])}
            take={(typed) =>
              /^\d{1,6}$/.test(typed.trim())
                ? keep({ ...document, [part]: Number(typed.trim()) })
                : Promise.resolve(`Read “${typed.trim().slice(0, 40)}”; a whole number of ${what} is wanted.`)
            }
          />
        ))}
      </div>
      <Segmented
        label="Hands"
        value={document.hands}
        options={[
          { value: 'PRACTISED', label: 'practised' },
          { value: 'NEW', label: 'new to it' },
          { value: 'CHILDREN', label: 'of children' },
        ]}
        choose={(hands) => void keep({ ...document, hands })}
      />
      {document.hands === 'CHILDREN' && <Yarn view={view} keep={keep} />}
      <fieldset className="class-ahead">
        <legend className="field-name">The sheets come</legend>
        {AHEAD.map(({ value, label }) => (
          <Checkbox
            key={value}
            checked={document.ahead.includes(value)}
            onChange={(event) =>
              void keep({
                ...document,
                ahead: AHEAD.map((one) => one.value).filter((one) =>
                  one === value ? event.target.checked : document.ahead.includes(one),
                ),
              })
            }
          >
            {label}
          </Checkbox>
        ))}
      </fieldset>
      <TypedField
        label="Everybody brings"
        shown={document.brings}
        maxLength={400}
        multiline
        take={(brings) => keep({ ...document, brings })}
      />
    </>
  );
}

/** How thick the yarn is that children sew with; a yarn is measured by winding it. */
function Yarn({ view, keep }: Props) {
  const { unit } = useUnit();
  const words = useWords();
  return (
    <TypedField
      label="Their yarn is so thick"
      shown={words(view.yarn)}
      measured
      help="Wind it side by side round a pencil: ten turns, divided by ten."
      take={async (typed) => {
        const read = await readLength(typed, unit);
        return read.kind === 'value' ? keep({ ...view.document, yarnMm: read.value.mm }) : failure(read);
      }}
    />
  );
}
