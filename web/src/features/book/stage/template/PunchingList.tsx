import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { api, outcome, value } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { useWords } from '../../../../units/unit';
import { useHoles } from '../stations/edits';
import { TicksSaid } from '../TicksSaid';
import { useTicks } from '../useTicks';

/** Longer lists are opened when wanted. */
const SHORT = 12;

/** What is punched, in its order, to be ticked off at the table; the ticks are kept. */
export function PunchingList() {
  const { state } = useSession();
  const { id } = state.view;
  const words = useWords();
  const holes = useHoles();
  const [whole, setWhole] = useState(false);
  const path = { params: { path: { id } } };
  const ticks = useTicks(
    ['punching', id, state.view.version],
    () => value(api.GET('/api/books/{id}/punching', path)),
    (ticked) => outcome(api.PUT('/api/books/{id}/punching', { ...path, body: { ticked } })),
  );
  const { ticked } = ticks;
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
      <TicksSaid
        ticks={ticks}
        changed="The plan was changed after holes were ticked off: look whether they still lie where it says."
      />
      <ol className="ticks">
        {shown.map((tick, i) => (
          <li key={i}>
            <Checkbox
              checked={ticked.includes(i)}
              disabled={!ticks.list.data}
              onChange={(event) => ticks.tick(i, event.target.checked)}
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
