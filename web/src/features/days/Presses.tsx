import { Button } from 'antd';
import type { DaysView } from '../../api/client';
import type { DayActs } from './Days';

type State = DaysView['books'][number]['steps'][number]['state'];

interface Props {
  book: string;
  step: string;
  name: string;
  state: State;
  acts: DayActs;
}

/** Begin, leave, done: whatever can be said of a step now. */
export function Presses({ book, step, name, state, acts }: Props) {
  if (state === 'DONE') {
    return null;
  }
  return (
    <span className="day-presses">
      {state === 'BEGUN' ? (
        <Button size="small" onClick={() => void acts.end(book, step, true)} aria-label={`Leave for now: ${name}`}>
          Leave
        </Button>
      ) : (
        <Button
          size="small"
          onClick={() => void acts.begin(book, step)}
          aria-label={`${state === 'LEFT' ? 'Go on' : 'Begin'}: ${name}`}
        >
          {state === 'LEFT' ? 'Go on' : 'Begin'}
        </Button>
      )}
      <Button size="small" onClick={() => void acts.end(book, step, false)} aria-label={`Done: ${name}`}>
        Done
      </Button>
    </span>
  );
}
