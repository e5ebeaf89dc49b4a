import { Ruler } from '../../../../drawing/Ruler';
import { useSession } from '../../../../state/useSession';
import { useUnit } from '../../../../units/unit';

/** The finished book, closed, its spine on the left. */
export function Front({ width, height }: { width: number; height: number }) {
  const { state } = useSession();
  const { unit } = useUnit();
  const { cover, leaf, holes, sewing, bound } = state.plan;
  const w = cover?.frontMm ?? leaf.widthMm;
  const h = cover?.heightMm ?? leaf.heightMm;
  const square = (h - leaf.heightMm) / 2;
  const scale = Math.min((width - 74) / w, (height - 80) / h);
  const left = 58;
  const top = 44;
  const stations = sewing && cover ? (holes?.stations ?? []) : [];
  const size = Math.max(11, Math.min(24, (w * scale) / 9));
  return (
    <svg
      width={width}
      height={Math.max(140, h * scale + 70)}
      role="img"
      aria-label={`The finished book, closed, its spine on the left: ${state.document.name}, ${bound.name.toLowerCase()}`}
    >
      <rect x={left} y={top} width={w * scale} height={h * scale} className="cover-face" />
      <line x1={left + 5} x2={left + 5} y1={top} y2={top + h * scale} className="cover-crease" />
      {stations.map((station) => (
        <circle
          key={station.number}
          cx={left + 1.5}
          cy={top + (square + station.fromHeadMm) * scale}
          r={2.5}
          className="cover-station"
        />
      ))}
      <foreignObject
        x={left + w * scale * 0.12}
        y={top + h * scale * 0.16}
        width={w * scale * 0.8}
        height={h * scale * 0.6}
      >
        <div className="cover-title" style={{ fontSize: size }}>
          {state.document.name}
        </div>
      </foreignObject>
      <Ruler lengthMm={w} scale={scale} unit={unit} x={left} y={top - 4} />
      <Ruler lengthMm={h} scale={scale} unit={unit} x={left - 6} y={top} down />
    </svg>
  );
}
