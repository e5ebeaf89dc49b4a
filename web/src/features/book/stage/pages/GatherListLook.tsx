import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { api, failure, outcome, value } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { ErrorNote, Waiting } from '../../../../ui/ErrorNote';
import { keptPaper } from '../../../../ui/printing';
import { useWords } from '../../../../units/unit';

/** What is gathered, in its order, to be ticked off; the ticks are kept. */
export function GatherListLook() {
  const { id, version } = useSession().state.view;
  const words = useWords();
  const client = useQueryClient();
  const [lost, setLost] = useState<string | null>(null);
  const key = ['gather-list', id, version];
  const list = useQuery({
    queryKey: key,
    queryFn: () => value(api.GET('/api/books/{id}/gather-list', { params: { path: { id } } })),
    placeholderData: (before) => before,
  });
  if (list.isError) {
    return <ErrorNote message={list.error.message} again={() => void list.refetch()} />;
  }
  if (!list.data) {
    return <Waiting what="Getting the list" />;
  }
  const { lines, ticked, planChanged } = list.data;
  const keep = async (next: number[]) => {
    const before = list.data;
    // the tick is seen at once; an answer that was asked for before it knows nothing of it
    client.setQueryData(key, { ...before, ticked: next, planChanged: false });
    await client.cancelQueries({ queryKey: key }, { revert: false });
    const result = await outcome(
      api.PUT('/api/books/{id}/gather-list', { params: { path: { id } }, body: { ticked: next } }),
    );
    setLost(result.kind === 'value' ? null : failure(result));
    client.setQueryData(key, result.kind === 'value' ? result.value : before);
  };
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
      {planChanged && (
        <p className="row-fault">
          The plan was changed after signatures were ticked off: look whether they still hold what it says.{' '}
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
      <ol>
        {lines.map((line, i) => (
          <li key={line.name}>
            <Checkbox
              checked={ticked.includes(i)}
              onChange={(event) => void keep(event.target.checked ? [...ticked, i] : ticked.filter((one) => one !== i))}
            >
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
