import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import type { CopiesView } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { TypedField } from '../../../ui/TypedField';
import { STAGES, withStage } from '../../../ui/stages';
import { withName } from './edits';
import type { Copies } from './useCopies';

/** So many copies are seen at once. */
const AT_ONCE = 50;

type Column = CopiesView['stages'][number];

/** Copies and what is done of each, ticked by copy or by stage. */
export function CopyGrid({ view, copies }: { view: CopiesView; copies: Copies }) {
  const [from, setFrom] = useState(0);
  const first = from < view.rows.length ? from : 0;
  const rows = view.rows.slice(first, first + AT_ONCE);
  const pages = Array.from({ length: Math.ceil(view.rows.length / AT_ONCE) }, (_, i) => i * AT_ONCE);
  return (
    <section className="copies-grid" aria-label="Copies, one by one">
      {pages.length > 1 && (
        <p className="copies-pages">
          {pages.map((at) => (
            <Button key={at} size="small" aria-pressed={at === first} onClick={() => setFrom(at)}>
              {at + 1} to {Math.min(at + AT_ONCE, view.rows.length)}
            </Button>
          ))}
          {view.copies > view.rows.length && <span>The first {view.rows.length} are told apart.</span>}
        </p>
      )}
      <div className="copies-scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">Copy</th>
              {view.stages.map((column) => (
                <Head key={column.key} column={column} view={view} copies={copies} />
              ))}
              <th scope="col">For</th>
              <th scope="col">
                <span className="visually-hidden">What became of it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <Row key={row.number} row={row} view={view} copies={copies} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** A stage of all copies: how many have it, all of them ticked at once, and the stage of the book where all are. */
function Head({ column, view, copies }: { column: Column; view: CopiesView; copies: Copies }) {
  const { session } = useSession();
  const all = column.done === column.of && column.of > 0;
  const stage = STAGES.find((one) => one.key === column.stage)!;
  const settle = () => session.change(stage.settled.toLowerCase(), withStage(stage.key, true));
  if (column.whole) {
    return (
      <th scope="col">
        {column.words}
        <span className="copies-count">{column.done === column.of ? 'all' : `${column.done} of ${column.of}`}</span>
      </th>
    );
  }
  return (
    <th scope="col">
      <Checkbox
        checked={all}
        indeterminate={!all && column.done > 0}
        aria-label={`All copies ${column.words}`}
        onChange={(event) =>
          void copies.tick(
            view.rows.filter((row) => !row.leftOut).map((row) => row.number),
            column.key,
            event.target.checked,
          )
        }
      >
        {column.words}
      </Checkbox>
      <span className="copies-count">
        {column.done} of {column.of}
      </span>
      {all && view.copies <= view.rows.length && (
        <Button size="small" onClick={settle} aria-label={`${stage.settle}, of the whole book`}>
          Note it in the book
        </Button>
      )}
    </th>
  );
}

function Row({ row, view, copies }: { row: CopiesView['rows'][number]; view: CopiesView; copies: Copies }) {
  const { session } = useSession();
  return (
    <tr className={row.leftOut ? 'copies-out' : ''}>
      <th scope="row">
        {row.number}
        {row.kind && <span className="copies-kind-name">{row.kind}</span>}
        {row.spoilt > 0 && (
          <span className="copies-spoilt">{row.spoilt === 1 ? 'begun anew' : `begun anew ${row.spoilt} times`}</span>
        )}
      </th>
      {view.stages.map((column) => {
        const done = row.done.includes(column.key);
        return (
          <td key={column.key}>
            {column.whole && done && row.spoilt === 0 ? (
              <span className="copies-whole">
                <span className="visually-hidden">
                  Copy {row.number} {column.words}
                </span>
              </span>
            ) : (
              <Checkbox
                checked={done}
                disabled={row.leftOut}
                aria-label={`Copy ${row.number} ${column.words}`}
                onChange={(event) => void copies.tick([row.number], column.key, event.target.checked)}
              />
            )}
          </td>
        );
      })}
      <td className="copies-name">
        <TypedField
          label={`Copy ${row.number} is for`}
          labelUnseen
          shown={row.name}
          maxLength={60}
          take={(text) => {
            session.change(`copy ${row.number}`, withName(row.number, text));
            return Promise.resolve(null);
          }}
        />
      </td>
      <td className="copies-acts">
        {row.leftOut ? (
          <>
            <span>left out</span>
            <Button
              size="small"
              aria-label={`Make copy ${row.number} after all`}
              onClick={() => void copies.leaveOut(row.number, false)}
            >
              Make it
            </Button>
          </>
        ) : (
          <>
            <Button
              size="small"
              aria-label={`Copy ${row.number} is spoilt or lost`}
              onClick={() => void copies.spoil(row.number, row.at)}
            >
              Spoilt
            </Button>
            <Button
              size="small"
              aria-label={`Leave copy ${row.number} out`}
              onClick={() => void copies.leaveOut(row.number, true)}
            >
              Leave out
            </Button>
          </>
        )}
      </td>
    </tr>
  );
}
