interface Props {
  nested: readonly { innerRadiusMm: number; fallsBackMm: number }[];
  sheetMm: number;
  trimmed: boolean;
  creep: string;
  thickness: string;
  width: number;
  height: number;
  label: string;
}

/** The nested sheets seen from the head, magnified: the fold on the left, the fore edge on the right. */
export function NestEnds({ nested, sheetMm, trimmed, creep, thickness, width, height, label }: Props) {
  const foldMm = 2 * nested.length * sheetMm;
  const outer = nested[nested.length - 1]?.fallsBackMm ?? 0;
  const half = (width - 150) / 2;
  const scale = Math.max(
    0.5,
    Math.min((height - 130) / foldMm, (half - 70) / Math.max(outer * 1.6, foldMm / 2 + 0.6), 130),
  );
  const middle = height / 2;
  const left = 60;
  const spine = left + (foldMm / 2) * scale;
  const cut = left + half;
  const edge = width - 70;
  const strand = Math.max(0.7, sheetMm * scale * 0.62);
  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      {nested.map((sheet, i) => {
        const r = (sheet.innerRadiusMm + sheetMm / 2) * scale;
        const fore = trimmed ? edge - outer * scale : edge - sheet.fallsBackMm * scale;
        return (
          <g key={i} className="nested" style={{ strokeWidth: strand }}>
            <path d={`M ${cut} ${middle - r} H ${spine} A ${r} ${r} 0 0 0 ${spine} ${middle + r} H ${cut}`} />
            <path d={`M ${cut + 30} ${middle - r} H ${fore} M ${cut + 30} ${middle + r} H ${fore}`} />
          </g>
        );
      })}
      <g className="note">
        <text x={width / 2} y={Math.min(height - 4, middle + (foldMm / 2) * scale + 76)} textAnchor="middle">
          seen from the head, {Math.round(scale / 3.78)} times its size
        </text>
        <text x={cut + 15} y={middle + 5} textAnchor="middle">
          ⋯
        </text>
        <text x={spine} y={Math.min(height - 16, middle + (foldMm / 2) * scale + 40)} textAnchor="middle">
          fold
        </text>
        <text x={edge} y={Math.min(height - 16, middle + (foldMm / 2) * scale + 40)} textAnchor="middle">
          fore edge
        </text>
      </g>
      <g className="dimension">
        <line x1={left - 22} x2={left - 22} y1={middle - (foldMm / 2) * scale} y2={middle + (foldMm / 2) * scale} />
        <line x1={left - 27} x2={left - 17} y1={middle - (foldMm / 2) * scale} y2={middle - (foldMm / 2) * scale} />
        <line x1={left - 27} x2={left - 17} y1={middle + (foldMm / 2) * scale} y2={middle + (foldMm / 2) * scale} />
        <text x={left - 30} y={middle - (foldMm / 2) * scale - 12}>
          {thickness} thick
        </text>
        {outer > 0 && (
          <>
            <line
              x1={edge}
              x2={edge}
              y1={middle - (foldMm / 2) * scale - 26}
              y2={middle + 8}
              className="dimension-faint"
            />
            <line
              x1={edge - outer * scale}
              x2={edge - outer * scale}
              y1={middle - (foldMm / 2) * scale - 26}
              y2={middle - (foldMm / 2) * scale}
              className="dimension-faint"
            />
            <line
              x1={edge - outer * scale}
              x2={edge}
              y1={middle - (foldMm / 2) * scale - 22}
              y2={middle - (foldMm / 2) * scale - 22}
            />
            <text x={edge + 4} y={middle - (foldMm / 2) * scale - 32} textAnchor="end">
              {trimmed ? 'trimmed off: ' : 'creep '}
              {creep}
            </text>
          </>
        )}
      </g>
    </svg>
  );
}
