import { Button, Checkbox } from 'antd';
import { api, outcome, value } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { ErrorNote, Waiting } from '../../../../ui/ErrorNote';
import { keptPaper } from '../../../../ui/printing';
import { useWords } from '../../../../units/unit';
import { TicksSaid } from '../TicksSaid';
import { useTicks } from '../useTicks';

/** What is gathered, in its order, to be ticked off; the ticks are kept. */
export function GatherListLook() {
  const { id, version } = useSession().state.view;
  const words = useWords();
  const path = { params: { path: { id } } };
  const ticks = useTicks(
    ['gather-list', id, version],
    () => value(api.GET('/api/books/{id}/gather-list', path)),
    (ticked) => outcome(api.PUT('/api/books/{id}/gather-list', { ...path, body: { ticked } })),
  );
  const { list, ticked } = ticks;
  if (list.isError) {
    return <ErrorNote message={list.error.message} again={() => void list.refetch()} />;
  }
  if (!list.data) {
    return <Waiting what="Getting the list" />;
  }
  const { lines } = list.data;
  return (
    <section className="gather-list" aria-label="Gathering list">
      <h2>
        {lines.length === 1 ? 'One to gather' : `${lines.length} signatures to gather`}
        {ticked.length > 0 && `, ${ticked.length} there`}
      </h2>
      <p>
        <Button size="small" href={`/api/books/${id}/gather-list.pdf?paper=${keptPaper()}`} target="_blank">
          Print it
        </Button>
      </p>
      <TicksSaid
        ticks={ticks}
        changed="The plan was changed after signatures were ticked off: look whether they still hold what it says."
      />
      <ol>
        {lines.map((line, i) => (
          <li key={line.name}>
            <Checkbox checked={ticked.includes(i)} onChange={(event) => ticks.tick(i, event.target.checked)}>
              <strong>{line.name}</strong>, {line.pages}
              <span>
                {line.holds}
                {line.mark.mm && `; ${words(line.mark)}`}
              </span>
            </Checkbox>
          </li>
        ))}
      </ol>
    </section>
  );
}
