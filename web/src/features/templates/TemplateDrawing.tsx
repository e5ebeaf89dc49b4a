import type { KeptView } from '../../api/client';

/** What is on a template, to scale: a cover's spine with its holes, a fold with its stations, or the side of a block. */
export function TemplateDrawing({ kept, scale }: { kept: KeptView; scale: number }) {
  const { cover, side } = kept;
  const height = (cover?.heightMm ?? kept.heightMm) * scale;
  const deepest = Math.max(0, ...side.map((hole) => hole.fromSpineMm));
  const width = Math.max(cover ? cover.spineMm : side.length > 0 ? deepest + 12 : 16, 12) * scale;
  const points = cover
    ? cover.rowsMm.flatMap((row) => kept.stationsMm.map((mm) => ({ x: row, y: mm + cover.headMm })))
    : side.length > 0
      ? side.map((hole) => ({ x: hole.fromSpineMm, y: hole.fromHeadMm }))
      : kept.stationsMm.map((mm) => ({ x: 8, y: mm }));
  return (
    <svg width={width + 2} height={height + 2} aria-hidden="true" className="kept-drawing">
      <rect x={1} y={1} width={width} height={height} className="cover-face" />
      {points.map((point, i) => (
        <circle key={i} cx={1 + point.x * scale} cy={1 + point.y * scale} r={1.8} style={{ fill: kept.colour }} />
      ))}
    </svg>
  );
}
