import { memo, useMemo } from 'react';
import type { WayStep } from '../../api/client';
import { curve, seen, type At, type View } from './look';

interface Props {
  steps: readonly WayStep[];
  sewn: number;
  next: boolean;
  view: View;
  /** On the inside, the signature whose thread is seen; else null. */
  signature: number | null;
  at: At;
}

/** Steps drawn together: a step more redraws only the part it belongs to. */
const PART = 40;
/** Above so many steps what crosses within a part is not told apart. */
const CASED = 400;

/** The thread on one view: what is sewn, in its order, so that what came later lies over what came before; then what comes next. */
export function Thread({ steps, sewn, next, view, signature, at }: Props) {
  const parts = useMemo(() => {
    const parts: (readonly WayStep[])[] = [];
    for (let from = 0; from < steps.length; from += PART) {
      parts.push(steps.slice(from, from + PART));
    }
    return parts;
  }, [steps]);
  const cased = steps.length <= CASED;
  const coming = next ? steps[sewn] : undefined;
  return (
    <g className={`thread-on thread-on-${view.toLowerCase()}`}>
      {parts.map((part, i) => {
        const upTo = Math.max(0, Math.min(part.length, sewn - i * PART));
        const live = sewn > i * PART && sewn <= i * PART + part.length;
        return upTo === 0 ? null : (
          <Part key={i} part={part} upTo={upTo} live={live} view={view} signature={signature} at={at} cased={cased} />
        );
      })}
      {coming && <Strands step={coming} view={view} signature={signature} at={at} look="next" cased={false} />}
    </g>
  );
}

interface PartProps {
  part: readonly WayStep[];
  upTo: number;
  live: boolean;
  view: View;
  signature: number | null;
  at: At;
  cased: boolean;
}

const Part = memo(function Part({ part, upTo, live, view, signature, at, cased }: PartProps) {
  const done = part.slice(0, live ? upTo - 1 : upTo);
  const last = live ? part[upTo - 1] : undefined;
  return (
    <>
      {cased ? (
        done.map((step) => (
          <Strands key={step.number} step={step} view={view} signature={signature} at={at} look="done" cased />
        ))
      ) : (
        <path
          className="strand strand-done"
          d={done
            .flatMap((step) => step.strands)
            .filter((strand) => seen(strand, view, signature) && strand.points.length > 2)
            .map((strand) => curve(strand.points, at))
            .join(' ')}
        />
      )}
      {last && <Strands step={last} view={view} signature={signature} at={at} look="live" cased={cased} />}
    </>
  );
});

interface StrandsProps {
  step: WayStep;
  view: View;
  signature: number | null;
  at: At;
  look: 'done' | 'live' | 'next';
  cased: boolean;
}

function Strands({ step, view, signature, at, look, cased }: StrandsProps) {
  const mine = step.strands.filter((strand) => seen(strand, view, signature));
  return (
    <>
      {mine.map((strand, i) => {
        if (strand.points.length <= 2) {
          const [x, y] = at(strand.points[0]!, strand.points[1]!);
          if (look === 'next') {
            return null;
          }
          return strand.kind === 'KNOT' ? (
            <path key={i} className={`knot strand-${look}`} d={`M ${x - 5} ${y} l 5 -5 l 5 5 l -5 5 z`} />
          ) : (
            <path
              key={i}
              className={`tail-end strand-${look}`}
              d={
                i === 0 && step.strands[0]?.kind === 'TAIL'
                  ? `M ${x - 2} ${y} C ${x - 10} ${y + 12}, ${x - 24} ${y + 10}, ${x - 22} ${y + 26}`
                  : `M ${x + 2} ${y} C ${x + 8} ${y - 12}, ${x + 24} ${y - 10}, ${x + 22} ${y - 26}`
              }
            />
          );
        }
        const d = curve(strand.points, at);
        return (
          <g key={i}>
            {cased && <path className="strand-casing" d={d} />}
            <path className={`strand strand-${look} strand-${strand.kind.toLowerCase()}`} d={d} />
          </g>
        );
      })}
    </>
  );
}
