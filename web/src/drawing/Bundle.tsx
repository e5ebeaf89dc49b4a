import type { SplitView } from '../api/client';

interface Props {
  split: SplitView;
  width: number;
  height: number;
  /** CSS pixels for a millimetre of thickness; leaves are drawn shortened. */
  scale: number;
}

/** Signatures on each other seen from the head, their folds to the left, true in thickness. */
export function Bundle({ split, width, height, scale }: Props) {
  const sheets = split.sheetsEach.reduce((sum, one) => sum + one, 0);
  const spine = split.spineMm * scale;
  const each = spine / sheets;
  const left = 10;
  const right = width - 8;
  let y = height - 2;
  return (
    <svg width={width} height={height} aria-hidden="true" className="bundle-ends">
      {split.sheetsEach.map((count, i) => {
        const thick = count * each;
        y -= thick;
        const r = thick / 2;
        return (
          <path
            key={i}
            d={`M ${right} ${y + 0.6} H ${left + r} A ${r} ${Math.max(0, r - 0.6)} 0 0 0 ${left + r} ${y + thick - 0.6} H ${right}`}
            className={count === Math.max(...split.sheetsEach) && !split.filled ? 'bundle-fuller' : ''}
          />
        );
      })}
    </svg>
  );
}
