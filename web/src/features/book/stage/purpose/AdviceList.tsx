import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, value } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { ErrorNote, Waiting } from '../../../../ui/ErrorNote';
import { Measure } from '../../../../units/Measure';

/** Every structure with what speaks for and against it, the best advised first. */
export function AdviceList() {
  const { session, state } = useSession();
  const { document } = state;
  const advice = useQuery({
    queryKey: ['advice', document],
    queryFn: async () => ({ made: document, list: await value(api.POST('/api/plan/advice', { body: document })) }),
    placeholderData: keepPreviousData,
  });
  if (advice.isError) {
    return <ErrorNote message={advice.error.message} again={() => void advice.refetch()} />;
  }
  if (!advice.data) {
    return <Waiting what="Weighing the structures" />;
  }
  const { made, list } = advice.data;
  return (
    <ol className="advice" aria-label="Structures, the best advised first">
      {list.map((one) => (
        <li key={one.key} className={one.chosen ? 'advice-chosen' : one.excluded ? 'advice-out' : ''}>
          <div className="advice-top">
            <h2>{one.name}</h2>
            {!one.plannable && <span className="advice-not">named only, not planned here</span>}
            {one.chosen ? (
              <span className="advice-now">bound so</span>
            ) : (
              one.key !== 'glued-spine' && (
                <Button
                  size="small"
                  onClick={() => session.take(one.name.toLowerCase(), { made, document: one.document })}
                  aria-label={`Bind it as ${one.name}`}
                >
                  Bind it so
                </Button>
              )
            )}
          </div>
          <p className="advice-purpose">{one.purpose}</p>
          {one.reasons.length > 0 && (
            <ul>
              {one.reasons.map((reason, i) => (
                <li key={i} className={reason.weight > 0 ? 'speaks-for' : 'speaks-against'}>
                  {reason.weight > 0 ? '+ ' : '− '}
                  <Measure of={reason.words} />
                </li>
              ))}
            </ul>
          )}
        </li>
      ))}
    </ol>
  );
}
