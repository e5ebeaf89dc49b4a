import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, failure, outcome } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { LineField } from '../../../../ui/LineField';
import { usePage, usePageActs } from '../../../../ui/usePage';

/** The few numbers that are worth having of every book; the rest is on its page. */
const ASKED = ['thread-cut', 'thread-left', 'sheets-spoilt'];

/** Asks what came out, takes nothing by force, and puts the book on the shelf. */
export function CameOut() {
  const { state } = useSession();
  const { id, version } = state.view;
  const client = useQueryClient();
  const page = usePage(id, version);
  const acts = usePageActs(id);
  const [said, setSaid] = useState<string | null>(null);
  if (!page.data) {
    return null;
  }
  const { onShelf, lines } = page.data;
  const put = async (to: boolean) => {
    const result = await outcome(api.PUT('/api/books/{id}/shelf', { params: { path: { id } }, body: { onShelf: to } }));
    setSaid(result.kind === 'value' ? null : failure(result));
    await client.invalidateQueries({ queryKey: ['page', id] });
    await client.invalidateQueries({ queryKey: ['bench'] });
  };
  return (
    <section className="came-out" aria-label="What came out">
      <h2>What came out</h2>
      {lines
        .filter((line) => ASKED.includes(line.key))
        .map((line) => (
          <LineField key={line.key} line={line} take={acts.take} named />
        ))}
      <p>
        <Link to={`/notebook/${id}`}>Its page of the notebook</Link>
      </p>
      <p role="status">{said}</p>
      {onShelf ? (
        <p>
          It stands on the shelf{page.data.finished ? ` since ${page.data.finished}` : ''}.{' '}
          <Button size="small" onClick={() => void put(false)}>
            Take it to the bench
          </Button>
        </p>
      ) : (
        <Button size="small" onClick={() => void put(true)}>
          Put it on the shelf
        </Button>
      )}
    </section>
  );
}
