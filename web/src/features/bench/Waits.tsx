import { Button } from 'antd';
import type { Stage } from './useBench';
import { stageName } from './words';

interface Props {
  stages: readonly { stage: Stage; books: number }[];
  chosen: Stage | undefined;
  choose: (stage: Stage | undefined) => void;
}

/** The stages that books wait at, each pressed to see these books alone. */
export function Waits({ stages, chosen, choose }: Props) {
  const all = stages.reduce((sum, one) => sum + one.books, 0);
  const press = (stage: Stage | undefined, words: string, books: number) => (
    <li key={stage ?? 'all'}>
      <Button
        type="text"
        size="small"
        className={stage === chosen ? 'waits-chosen' : ''}
        aria-pressed={stage === chosen}
        onClick={() => choose(stage)}
      >
        {words} <b>{books}</b>
      </Button>
    </li>
  );
  return (
    <ul className="waits" aria-label="Books that wait at a stage">
      {press(undefined, 'All', all)}
      {stages.map((one) => press(one.stage, stageName(one.stage), one.books))}
    </ul>
  );
}
