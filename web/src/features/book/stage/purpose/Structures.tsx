import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, value } from '../../../../api/client';
import { useLooks } from '../../../../api/looks';
import { useSession } from '../../../../state/useSession';
import { ErrorNote, Waiting } from '../../../../ui/ErrorNote';
import { Compared } from './Compared';
import { Others } from './Others';

/** So many stand side by side; of more, none is looked at. */
const SIDE_BY_SIDE = 3;

/** Every structure as this book would come out in it: three side by side, the others ready to be looked at beside them. */
export function Structures() {
  const { session, state } = useSession();
  const { document } = state;
  const [picked, setPicked] = useState<readonly string[]>([]);
  const advice = useQuery({
    queryKey: ['advice', document],
    queryFn: async () => ({ made: document, list: await value(api.POST('/api/plan/advice', { body: document })) }),
    placeholderData: keepPreviousData,
  });
  const list = advice.data?.list ?? [];
  const ranked = list.filter((one) => one.plannable).sort((a, b) => Number(b.chosen) - Number(a.chosen));
  const keys = [
    ...new Set([
      ...ranked.filter((one) => one.chosen).map((one) => one.key),
      ...picked.filter((key) => ranked.some((one) => one.key === key)),
      ...ranked.map((one) => one.key),
    ]),
  ].slice(0, SIDE_BY_SIDE);
  const side = keys.flatMap((key) => ranked.filter((one) => one.key === key));
  const others = list.filter((one) => !keys.includes(one.key));
  const near = useLooks(document, keys);
  const far = useLooks(
    document,
    others.map((one) => one.key),
  );
  if (advice.isError) {
    return <ErrorNote message={advice.error.message} again={() => void advice.refetch()} />;
  }
  if (!advice.data) {
    return <Waiting what="Weighing the structures" />;
  }
  const { made } = advice.data;
  return (
    <div className="structures">
      <Compared
        side={side}
        looks={near}
        bind={(one) => session.take(one.name.toLowerCase(), { made, document: one.document })}
      />
      <Others
        others={others}
        looks={far}
        pick={(key) => setPicked([key, ...picked.filter((one) => one !== key)].slice(0, SIDE_BY_SIDE - 1))}
      />
    </div>
  );
}
