import type { NestedView } from '../api/client';
import { BACK, foreEdge, SLOPE, type ForeLeaf, type LiesSo } from './foreEdge';

interface Props {
  nested: readonly NestedView[];
  leafMm: number;
  trimmed: boolean;
  creep: string;
  thickness: string;
  /** Names of the papers, by their number. */
  names: readonly string[];
  width: number;
  height: number;
  label: string;
}

const PX_PER_MM = 96 / 25.4;

/** The nested sheets seen from the head, magnified: the fold on the left, the fore edge on the right; short and wide leaves are marked. */
export function NestEnds(props: Props) {
  const { nested, leafMm, trimmed, creep, thickness, names, width, height, label } = props;
  const half = nested.reduce((sum, sheet) => sum + sheet.sheetMm, 0);
  const foldMm = 2 * half;
  // what is folded back lifts what lies outside of it
  const backMm = nested.reduce(
    (sum, sheet) => sum + (Math.max(sheet.firstMm, sheet.secondMm) > leafMm + 0.01 ? 2 * sheet.sheetMm : 0),
    0,
  );
  const outer = nested[nested.length - 1]?.fallsBackMm ?? 0;
  const room = (width - 150) / 2;
  const scale = Math.max(
    0.5,
    Math.min((height - 130) / (foldMm + backMm), (room - 70) / Math.max(outer * 1.6, foldMm / 2 + 0.6), 130),
  );
  const middle = height / 2;
  const left = 60;
  const spine = left + half * scale;
  const cut = left + room;
  const edge = width - 70;
  const bottom = middle + half * scale;
  const top = middle - half * scale;
  const mixed = new Set(nested.map((sheet) => sheet.paper)).size > 1;
  const foreOf = (sheet: NestedView, leaf: number) => {
    const short = leafMm - leaf;
    if (short > 0.01) {
      return cut + 44;
    }
    const fore = trimmed ? edge - outer * scale : edge - sheet.fallsBackMm * scale;
    return short < -0.01 ? fore - 8 : fore;
  };
  const firsts = halves(
    nested,
    leafMm,
    scale,
    (sheet) => foreOf(sheet, sheet.firstMm),
    (sheet) => sheet.firstMm,
  );
  const seconds = halves(
    nested,
    leafMm,
    scale,
    (sheet) => foreOf(sheet, sheet.secondMm),
    (sheet) => sheet.secondMm,
  );
  const above = foreEdge(firsts);
  const below = foreEdge(seconds);
  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      {nested.map((sheet, i) => {
        const r = firsts[i]!.from;
        const strand = Math.max(0.7, sheet.sheetMm * scale * 0.62);
        return (
          <g key={i} className={`nested nested-${sheet.paper % 4}`} style={{ strokeWidth: strand }}>
            <path d={`M ${cut} ${middle - r} H ${spine} A ${r} ${r} 0 0 0 ${spine} ${middle + r} H ${cut}`} />
            <path d={toFore(firsts[i]!, above[i]!, cut + 30, middle, -1)} />
            <path d={toFore(seconds[i]!, below[i]!, cut + 30, middle, 1)} />
          </g>
        );
      })}
      <g className="note">
        <text x={width / 2} y={Math.min(height - 4, bottom + 76)} textAnchor="middle">
          seen from the head, {Math.round(scale / PX_PER_MM)} times its size
        </text>
        <text x={cut + 15} y={middle + 5} textAnchor="middle">
          ⋯
        </text>
        <text x={spine} y={Math.min(height - 16, bottom + 40)} textAnchor="middle">
          fold
        </text>
        <text x={edge} y={Math.min(height - 16, bottom + 40)} textAnchor="middle">
          fore edge
        </text>
      </g>
      {mixed && (
        <g className="nest-names">
          {[...new Set(nested.map((sheet) => sheet.paper))].map((paper, i) => (
            <g key={paper} className={`nested nested-${paper % 4}`}>
              <path d={`M ${left} ${24 + i * 20} h 26`} style={{ strokeWidth: 5 }} />
              <text x={left + 34} y={29 + i * 20} className="note">
                {names[paper]}
              </text>
            </g>
          ))}
        </g>
      )}
      {thickness && (
        <g className="dimension">
          <line x1={left - 22} x2={left - 22} y1={top} y2={bottom} />
          <line x1={left - 27} x2={left - 17} y1={top} y2={top} />
          <line x1={left - 27} x2={left - 17} y1={bottom} y2={bottom} />
          <text x={left - 30} y={top - 12}>
            {thickness} thick
          </text>
          {outer > 0 && creep && (
            <Creep
              edge={edge}
              wide={outer * scale}
              top={top}
              middle={middle}
              text={`${trimmed ? 'trimmed off: ' : 'creep '}${creep}`}
            />
          )}
        </g>
      )}
    </svg>
  );
}

/** One half of each sheet, as it comes to the fore edge. */
function halves(
  nested: readonly NestedView[],
  leafMm: number,
  scale: number,
  fore: (sheet: NestedView) => number,
  wide: (sheet: NestedView) => number,
): ForeLeaf[] {
  return nested.map((sheet) => ({
    from: (sheet.innerRadiusMm + sheet.sheetMm / 2) * scale,
    thick: sheet.sheetMm * scale,
    fore: fore(sheet),
    back: wide(sheet) > leafMm + 0.01,
  }));
}

/** The line of a leaf to its fore edge, and back where it is folded back; `side` is -1 above the middle and 1 below it. */
function toFore(leaf: ForeLeaf, lies: LiesSo, from: number, middle: number, side: -1 | 1): string {
  const y = (off: number) => middle + side * off;
  const up = Math.min(lies.liftedFrom, leaf.fore - SLOPE);
  const lifted = leaf.from + lies.lifted;
  const rise = lies.lifted > 0 ? `H ${up} L ${up + SLOPE} ${y(lifted)} ` : '';
  const turn = leaf.thick / 2;
  const back = lies.back === null ? '' : ` a ${turn} ${turn} 0 0 ${side < 0 ? 0 : 1} 0 ${side * leaf.thick} h ${-BACK}`;
  return `M ${from} ${y(leaf.from)} ${rise}H ${leaf.fore}${back}`;
}

interface CreepProps {
  edge: number;
  wide: number;
  top: number;
  middle: number;
  text: string;
}

function Creep({ edge, wide, top, middle, text }: CreepProps) {
  return (
    <>
      <line x1={edge} x2={edge} y1={top - 26} y2={middle + 8} className="dimension-faint" />
      <line x1={edge - wide} x2={edge - wide} y1={top - 26} y2={top} className="dimension-faint" />
      <line x1={edge - wide} x2={edge} y1={top - 22} y2={top - 22} />
      <text x={edge + 4} y={top - 32} textAnchor="end">
        {text}
      </text>
    </>
  );
}
