import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, failure, outcome } from '../../../../api/client';
import { useThings } from '../../../../api/drawers';
import { useSession } from '../../../../state/useSession';
import { paperAt } from '../../papers';

/** Takes the stock sheets that the plan wants out of the drawer they came from. */
export function TakeOut({ number, sheets }: { number: number; sheets: number }) {
  const { state } = useSession();
  const client = useQueryClient();
  const things = useThings('PAPERS')?.things ?? [];
  const [said, setSaid] = useState<string | null>(null);
  const from = things.find((thing) => thing.id === paperAt(state.document, number).drawerId);
  const left = from?.cells['have']?.mm;
  if (!from || left === undefined || sheets === 0) {
    return null;
  }
  const take = async () => {
    const result = await outcome(
      api.POST('/api/drawers/things/{id}/take', {
        params: { path: { id: from.id } },
        body: { number: sheets },
      }),
    );
    setSaid(
      result.kind === 'value'
        ? `${sheets} taken; ${result.value.cells['have']?.mm} of ${from.name} are left.`
        : result.kind === 'lost'
          ? `${result.message} Nothing was taken.`
          : failure(result),
    );
    await client.invalidateQueries({ queryKey: ['drawer', 'PAPERS'] });
  };
  return (
    <div className="take-out">
      <Button size="small" onClick={() => void take()}>
        Take {sheets} out of the drawer
      </Button>
      <p role="status" className="field-help">
        {said ?? `${left} of ${from.name} lie there.`}
      </p>
    </div>
  );
}
