import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, value } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { Measure } from '../../../../units/Measure';
import { withThread } from './edits';

/** The threads in the drawer, with what speaks for and against each for this book. */
export function ThreadShelf() {
  const { session, state } = useSession();
  const { document } = state;
  const shelf = useQuery({
    queryKey: ['thread-shelf', document],
    queryFn: () => value(api.POST('/api/plan/threads', { body: document })),
    placeholderData: keepPreviousData,
  });
  if (!shelf.data || shelf.data.threads.length === 0) {
    return null;
  }
  return (
    <section className="shelf-threads" aria-label="Threads in the drawer">
      <h2>Threads in the drawer</h2>
      <p>
        <Measure of={shelf.data.range} />
      </p>
      <ul>
        {shelf.data.threads.map((one) => (
          <li key={one.id}>
            <h3>{one.name}</h3>
            <p className="variant-figures">
              <Measure of={one.diameter} /> thick, <Measure of={one.cut} /> to cut
            </p>
            {one.reasons.map((reason, i) => (
              <p key={i} className={reason.weight < 0 ? 'speaks-against' : reason.weight > 0 ? 'speaks-for' : ''}>
                {reason.weight < 0 ? '− ' : reason.weight > 0 ? '+ ' : '· '}
                <Measure of={reason.words} />
              </p>
            ))}
            {one.taken ? (
              <span className="advice-now">taken</span>
            ) : (
              <Button
                size="small"
                onClick={() => session.change(`thread ${one.name}`, withThread(one.thread))}
                aria-label={`Take ${one.name}`}
              >
                Take it
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
