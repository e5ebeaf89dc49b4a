import { Button } from 'antd';
import type { ReactNode } from 'react';
import { UnitSwitch } from '../../ui/UnitSwitch';

interface Props {
  name: string;
  leave: () => void;
  turned: boolean;
  turn: () => void;
  children?: ReactNode;
}

/** Over the work: the way out, what is sewn, what can be done besides the next move. */
export function Top({ name, leave, turned, turn, children }: Props) {
  return (
    <header className="sewing-top">
      <Button size="small" onClick={leave}>
        Leave
      </Button>
      <h1>{name}</h1>
      <UnitSwitch />
      {children}
      <Button size="small" onClick={turn} aria-pressed={turned}>
        Turn the work over
      </Button>
    </header>
  );
}
