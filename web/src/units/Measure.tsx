import { Fragment } from 'react';
import { fractionParts } from './fractions';
import { useUnit, type Both } from './unit';

/** A text with measures, its fractions set as fractions. */
export function Measure({ of }: { of: Both | string }) {
  const { unit } = useUnit();
  const text = typeof of === 'string' ? of : unit === 'MM' ? of.mm : of.inch;
  return (
    <>
      {fractionParts(text).map((part, i) =>
        part.fraction ? (
          <span key={i} className="fraction">
            {part.text}
          </span>
        ) : (
          <Fragment key={i}>{part.text}</Fragment>
        ),
      )}
    </>
  );
}
