import type { CuttingView, LayoutView } from '../api/client';
import type { UnitKey } from '../units/unit';
import { cutMarks } from './cutMarks';
import { Ruler } from './Ruler';

interface Props {
  cutting: Pick<CuttingView, 'widthMm' | 'heightMm' | 'grain'>;
  /** How this sheet is parted; undefined where it cannot be. */
  layout: LayoutView | undefined;
  folded: boolean;
  /** Whether each piece bears the number of its size. */
  named?: boolean;
  width: number;
  height: number;
  unit: UnitKey;
  label: string;
}

const EDGE = 56;
const GRAIN_PX = 15;

/** A stock sheet to scale: its grain, the pieces with their folds, the cuts by the number of their step, rules along two edges. */
export function StockSheet({ cutting, layout, folded, named, width, height, unit, label }: Props) {
  const scale = Math.max(
    0.05,
    Math.min((width - EDGE - 34) / cutting.widthMm, (height - EDGE - 24) / cutting.heightMm),
  );
  const w = cutting.widthMm * scale;
  const h = cutting.heightMm * scale;
  const left = EDGE + (width - EDGE - 34 - w) / 2;
  const top = 40;
  const x = (mm: number) => left + mm * scale;
  const y = (mm: number) => top + mm * scale;
  const cuts = (layout?.cuts ?? []).map((cut) => ({
    x1: x(cut.x1Mm),
    y1: y(cut.y1Mm),
    x2: x(cut.x2Mm),
    y2: y(cut.y2Mm),
  }));
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="stock">
      <rect x={left} y={top} width={w} height={h} className="stock-whole" />
      {layout?.pieces.map((piece, i) => (
        <g key={i}>
          <rect
            x={x(piece.xMm)}
            y={y(piece.yMm)}
            width={piece.widthMm * scale}
            height={piece.heightMm * scale}
            className={`stock-piece piece-${piece.demand % 4}`}
          />
          {named && piece.widthMm * scale > 16 && piece.heightMm * scale > 16 && (
            <text
              className="stock-number"
              x={x(piece.xMm + piece.widthMm / 2)}
              y={y(piece.yMm + piece.heightMm / 2) + 5}
              textAnchor="middle"
            >
              {piece.demand + 1}
            </text>
          )}
          {folded &&
            (piece.turned ? (
              <line
                className="fold-line"
                x1={x(piece.xMm)}
                x2={x(piece.xMm + piece.widthMm)}
                y1={y(piece.yMm + piece.heightMm / 2)}
                y2={y(piece.yMm + piece.heightMm / 2)}
              />
            ) : (
              <line
                className="fold-line"
                x1={x(piece.xMm + piece.widthMm / 2)}
                x2={x(piece.xMm + piece.widthMm / 2)}
                y1={y(piece.yMm)}
                y2={y(piece.yMm + piece.heightMm)}
              />
            ))}
        </g>
      ))}
      <Grain along={cutting.grain} left={left} top={top} w={w} h={h} />
      {cuts.map((cut, i) => (
        <line key={i} className="stock-cut" {...cut} />
      ))}
      {cutMarks(cuts).map(
        (mark, i) =>
          mark && (
            <g key={i} className="stock-mark">
              <circle cx={mark.x} cy={mark.y} r="9" />
              <text x={mark.x} y={mark.y + 4.5} textAnchor="middle">
                {layout?.cuts[i]?.step}
              </text>
            </g>
          ),
      )}
      {cutting.grain === 'UNKNOWN' && (
        <text x={left + w / 2} y={top + h + 20} textAnchor="middle" className="note">
          grain not tested
        </text>
      )}
      <Ruler lengthMm={cutting.widthMm} scale={scale} unit={unit} x={left} y={top - 4} />
      <Ruler lengthMm={cutting.heightMm} scale={scale} unit={unit} x={left - 4} y={top} down />
    </svg>
  );
}

interface GrainProps {
  along: CuttingView['grain'];
  left: number;
  top: number;
  w: number;
  h: number;
}

function Grain({ along, left, top, w, h }: GrainProps) {
  if (along === 'UNKNOWN') {
    return null;
  }
  const upright = along === 'ALONG_HEIGHT';
  const lines = [];
  for (let at = GRAIN_PX; at < (upright ? w : h); at += GRAIN_PX) {
    lines.push(
      upright ? (
        <line key={at} x1={left + at} x2={left + at} y1={top + 3} y2={top + h - 3} />
      ) : (
        <line key={at} y1={top + at} y2={top + at} x1={left + 3} x2={left + w - 3} />
      ),
    );
  }
  return <g className="grain">{lines}</g>;
}
