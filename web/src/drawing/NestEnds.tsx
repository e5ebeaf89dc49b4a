import type { NestedView } from '../api/client';
import { foreEdge, SLOPE, type ForeLeaf, type LiesSo } from './foreEdge';

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
/** Leaves that differ by less are of one width, mm. */
const LIKE = 0.01;
/** What is folded back is drawn at least so far, pixels; the middle of a leaf is left out in the drawing. */
const LEAST_BACK = 24;
/** What is folded back over so much of a leaf reaches as far as the drawing shows. */
const LONG = 0.6;

/** The nested sheets seen from the head, magnified: the fold on the left, the fore edge on the right; short and wide leaves are marked. */
export function NestEnds(props: Props) {
  const { nested, leafMm, trimmed, creep, thickness, names, width, height, label } = props;
  const sheets = nested.reduce((sum, sheet) => sum + sheet.sheetMm, 0);
  const foldMm = 2 * sheets;
  // what is folded back lifts what lies outside of it
  const backMm = nested.reduce(
    (sum, sheet) => sum + (Math.max(sheet.firstMm, sheet.secondMm) > leafMm + LIKE ? 2 * sheet.sheetMm : 0),
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
  const spine = left + sheets * scale;
  const cut = left + room;
  const begin = cut + 30;
  const edge = width - 70;
  const bottom = middle + sheets * scale;
  const top = middle - sheets * scale;
  const mixed = new Set(nested.map((sheet) => sheet.paper)).size > 1;
  /** Where a leaf ends; a wide one is folded back a little before the fore edge. */
  const foreOf = (sheet: NestedView, leaf: number) => {
    const short = leafMm - leaf;
    if (short > LIKE) {
      return cut + 44;
    }
    const fore = trimmed ? edge - outer * scale : edge - sheet.fallsBackMm * scale;
    return short < -LIKE ? fore - 8 : fore;
  };
  /** One half of a sheet, as it comes to the fore edge; what stands out is folded back as far as its share of the leaf. */
  const half = (sheet: NestedView, leaf: number): ForeLeaf => {
    const fore = foreOf(sheet, leaf) - begin;
    const over = Math.max(0, leaf - leafMm);
    return {
      from: (sheet.innerRadiusMm + sheet.sheetMm / 2) * scale,
      thick: sheet.sheetMm * scale,
      fore,
      back: over > LIKE ? Math.max(LEAST_BACK, Math.min(1, over / (LONG * leafMm)) * (fore - SLOPE)) : 0,
    };
  };
  const firsts = nested.map((sheet) => half(sheet, sheet.firstMm));
  const seconds = nested.map((sheet) => half(sheet, sheet.secondMm));
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
            <path d={toFore(firsts[i]!, above[i]!, begin, middle, -1)} />
            <path d={toFore(seconds[i]!, below[i]!, begin, middle, 1)} />
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

/** The line of a leaf to its fore edge, and back where it is folded back; `side` is -1 above the middle and 1 below it. */
function toFore(leaf: ForeLeaf, { lifted, liftedFrom }: LiesSo, begin: number, middle: number, side: -1 | 1): string {
  const y = (off: number) => middle + side * off;
  const lies = y(leaf.from + lifted);
  const rise =
    lifted > 0 && liftedFrom > 0
      ? `M ${begin} ${y(leaf.from)} H ${begin + liftedFrom} L ${begin + liftedFrom + SLOPE} ${lies}`
      : `M ${begin} ${lies}`;
  const turn = leaf.thick / 2;
  const back = leaf.back > 0 ? ` a ${turn} ${turn} 0 0 ${side < 0 ? 0 : 1} 0 ${side * leaf.thick} h ${-leaf.back}` : '';
  return `${rise} H ${begin + leaf.fore}${back}`;
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
