import { Button } from 'antd';
import { Link } from 'react-router';
import type { DrawerView, ThingView } from '../../api/client';
import { Measure } from '../../units/Measure';

interface Props {
  drawer: DrawerView;
  thing: ThingView;
  change: () => void;
  putAway: () => void;
}

/** Where a book says what it took from a drawer; of needles it takes only a measure. */
const TAKEN_AT: Partial<Record<DrawerView['drawer'], string>> = {
  PAPERS: 'paper',
  THREADS: 'thread',
  BOARDS: 'cover',
  COVERS: 'cover',
};

/** A thing as it lies in its drawer: how thick, what is known, where it is used. */
export function ThingRow({ drawer, thing, change, putAway }: Props) {
  const known = drawer.columns.filter((column) => thing.cells[column.key] && column.key !== 'note');
  return (
    <li className="thing">
      <div className="thing-name">
        <h2>{thing.name}</h2>
        {thing.thickness && (
          <p className="thing-thick">
            <Measure of={thing.thickness} />
          </p>
        )}
        {thing.cells['note'] && <p className="thing-note">{thing.cells['note'].mm}</p>}
      </div>
      <dl className="thing-known">
        {known.map((column) => (
          <div key={column.key}>
            <dt>{column.label}</dt>
            <dd>
              <Measure of={thing.cells[column.key]!} />
            </dd>
          </div>
        ))}
      </dl>
      <div className="thing-acts">
        <p className="field-help">
          {thing.usedIn.length === 0
            ? TAKEN_AT[drawer.drawer] && 'Not used in a book yet'
            : thing.usedIn.map((book, i) => (
                <span key={book.id}>
                  {i === 0 ? 'Used in ' : ', '}
                  <Link to={`/books/${book.id}/${TAKEN_AT[drawer.drawer] ?? 'purpose'}`}>{book.name}</Link>
                </span>
              ))}
        </p>
        <Button size="small" onClick={change} aria-label={`Change ${thing.name}`}>
          Change
        </Button>
        <Button size="small" type="text" onClick={putAway} aria-label={`Put ${thing.name} away`}>
          Put away
        </Button>
      </div>
    </li>
  );
}
