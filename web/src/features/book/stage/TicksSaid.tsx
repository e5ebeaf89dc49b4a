import { Button } from 'antd';
import type { Ticks } from './useTicks';

interface Props {
  ticks: Ticks<{ ticked: number[]; planChanged: boolean }>;
  /** What is to be looked at where the plan was changed under the ticks. */
  changed: string;
}

/** What is to be said of a list that is ticked: that the plan was changed under it, that a tick was not kept. */
export function TicksSaid({ ticks, changed }: Props) {
  return (
    <>
      {ticks.list.data?.planChanged && (
        <p className="row-fault">
          {changed}{' '}
          <Button size="small" onClick={ticks.clear}>
            Begin the list again
          </Button>
        </p>
      )}
      {ticks.lost && (
        <p className="row-fault" role="alert">
          {ticks.lost} The last tick was not kept.
        </p>
      )}
    </>
  );
}
