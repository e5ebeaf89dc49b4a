import type { OfferedChange } from '../api/client';
import { useWords } from '../units/unit';

/** What a press would change: figures as they are and as they would be, and what would be cautioned against. */
export function WhatChanges({ change }: { change: OfferedChange }) {
  const words = useWords();
  const { figures, cautions } = change;
  if (figures.length === 0 && cautions.length === 0) {
    return <p className="changes-none">No figure of the band reads otherwise.</p>;
  }
  return (
    <ul className="changes">
      {figures.map((one) => (
        <li key={one.label}>
          {one.label} <span className="number">{words(one.before)}</span>
          <span aria-label="becomes"> → </span>
          <span className="number">{words(one.after)}</span>
        </li>
      ))}
      {cautions.map((one) => (
        <li key={one.mm} className="changes-caution">
          {words(one)}
        </li>
      ))}
    </ul>
  );
}
