import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { api, failure, outcome, value } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { useWords } from '../../../../units/unit';
import { useHoles } from '../stations/edits';

/** Longer lists are opened when wanted. */
const SHORT = 12;

/** What is punched, in its order, to be ticked off at the table; the ticks are kept. */
export function PunchingList() {
  const { state } = useSession();
  const { id } = state.view;
  const words = useWords();
  const holes = useHoles();
  const client = useQueryClient();
  const [whole, setWhole] = useState(false);
  const [lost, setLost] = useState<string | null>(null);
  const key = ['punching', id, state.view.version];
  const punched = useQuery({
    queryKey: key,
    queryFn: () => value(api.GET('/api/books/{id}/punching', { params: { path: { id } } })),
    placeholderData: (before) => before,
  });
  const ticked = punched.data?.ticked ?? [];
  const keep = async (next: number[]) => {
    const before = punched.data;
    // The tick is seen at once; an answer that was asked for before it knows nothing of it.
    client.setQueryData(key, { ticked: next, planChanged: false });
    await client.cancelQueries({ queryKey: key }, { revert: false });
    const result = await outcome(
      api.PUT('/api/books/{id}/punching', { params: { path: { id } }, body: { ticked: next } }),
    );
    if (result.kind === 'value') {
      setLost(null);
      client.setQueryData(key, result.value);
    } else {
      setLost(failure(result));
      client.setQueryData(key, before);
    }
  };
  const done = holes.ticks.filter((_, i) => ticked.includes(i)).reduce((sum, tick) => sum + tick.holes, 0);
  const shown = whole ? holes.ticks : holes.ticks.slice(0, SHORT);
  return (
    <section className="punching" aria-label="Punching list">
      <h2>
        {holes.total} holes to make{done > 0 && `, ${done} made`}
      </h2>
      <ul className="hole-groups">
        {holes.groups.map((group, i) => (
          <li key={i}>
            Through {group.place}, {group.names}: {words(group.size)} wide for {group.passes}{' '}
            {group.passes === 1 ? 'pass' : 'passes'} of the needle, with the {group.tool}.
          </li>
        ))}
        {[...new Set(holes.groups.map((group) => group.care))].map((care) => (
          <li key={care} className="hole-care">
            {care}
          </li>
        ))}
      </ul>
      {punched.data?.planChanged && (
        <p className="row-fault">
          The plan was changed after holes were ticked off: look whether they still lie where it says.{' '}
          <Button size="small" onClick={() => void keep([])}>
            Begin the list again
          </Button>
        </p>
      )}
      {lost && (
        <p className="row-fault" role="alert">
          {lost} The last tick was not kept.
        </p>
      )}
      <ol className="ticks">
        {shown.map((tick, i) => (
          <li key={i}>
            <Checkbox
              checked={ticked.includes(i)}
              disabled={!punched.data}
              onChange={(event) =>
                void keep(event.target.checked ? [...ticked, i] : ticked.filter((line) => line !== i))
              }
            >
              {words(tick.words)}
            </Checkbox>
          </li>
        ))}
      </ol>
      {holes.ticks.length > SHORT && (
        <Button size="small" onClick={() => setWhole(!whole)}>
          {whole ? 'Only the first' : `All ${holes.ticks.length} lines`}
        </Button>
      )}
    </section>
  );
}
