import type { PageLine } from '../api/client';
import { TypedField } from './TypedField';
import { useWords } from '../units/unit';

interface Props {
  line: PageLine;
  take: (line: PageLine, text: string) => Promise<string | null>;
  /** Whether its name is to be seen above it. */
  named?: boolean;
}

/** Where it is written what came out. */
export function LineField({ line, take, named }: Props) {
  const words = useWords();
  const name = words(line.name);
  const planned = line.planned ? `${words(line.planned)} planned` : null;
  return (
    <TypedField
      label={named ? name : `Came out: ${name}`}
      labelUnseen={!named}
      shown={line.came ? words(line.came) : ''}
      empty="not told"
      take={(text) => take(line, text)}
      help={named ? planned : null}
      measured={line.group === 'THREAD'}
    />
  );
}
