import { Fragment } from 'react';
import { useUnit, type Both } from './unit';

/** A text with measures, its fractions set as fractions. */
export function Measure({ of }: { of: Both | string }) {
  const { unit } = useUnit();
  const text = typeof of === 'string' ? of : unit === 'MM' ? of.mm : of.inch;
  const parts = text.split(/(\d+\/\d+)/);
  return (
    <>
      {parts.map((part, i) =>
        i % 2 === 1 ? (
          <span key={i} className="fraction">
            {part}
          </span>
        ) : (
          <Fragment key={i}>{part}</Fragment>
        ),
      )}
    </>
  );
}
