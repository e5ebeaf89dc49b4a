import type { UnitKey } from '../units/unit';
import { Ruler } from './Ruler';

interface Props {
  leafWidthMm: number;
  leafHeightMm: number;
  /** Whether it is folded once; else it is a single leaf. */
  folded: boolean;
  grain: 'WITH_FOLD' | 'ACROSS_FOLD' | 'UNKNOWN';
  width: number;
  height: number;
  unit: UnitKey;
  label: string;
}

const EDGE = 56;

/** The unfolded sheet to scale: its fold, its grain, rules along two edges. */
export function LeafSheet({ leafWidthMm, leafHeightMm, folded, grain, width, height, unit, label }: Props) {
  const sheetMm = (folded ? 2 : 1) * leafWidthMm;
  const scale = Math.max(0.1, Math.min((width - EDGE - 34) / sheetMm, (height - EDGE - 30) / leafHeightMm));
  const w = sheetMm * scale;
  const h = leafHeightMm * scale;
  const left = EDGE + (width - EDGE - 34 - w) / 2;
  const top = 40;
  const lines = [];
  const spacing = 16;
  if (grain !== 'UNKNOWN') {
    const along = grain === 'WITH_FOLD';
    for (let at = spacing; at < (along ? w : h); at += spacing) {
      lines.push(
        along ? (
          <line key={at} x1={left + at} x2={left + at} y1={top + 6} y2={top + h - 6} />
        ) : (
          <line key={at} y1={top + at} y2={top + at} x1={left + 6} x2={left + w - 6} />
        ),
      );
    }
  }
  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      <rect x={left} y={top} width={w} height={h} className="sheet" />
      <g className="grain">{lines}</g>
      {folded && (
        <>
          <line x1={left + w / 2} x2={left + w / 2} y1={top} y2={top + h} className="fold-line" />
          <text x={left + w / 2} y={top + h + 20} textAnchor="middle" className="note">
            fold
          </text>
        </>
      )}
      {grain === 'UNKNOWN' && (
        <text x={left + w / 4} y={top + h / 2} textAnchor="middle" className="note">
          grain not tested
        </text>
      )}
      <Ruler lengthMm={sheetMm} scale={scale} unit={unit} x={left} y={top - 4} />
      <Ruler lengthMm={leafHeightMm} scale={scale} unit={unit} x={left - 4} y={top} down />
    </svg>
  );
}
