/** The needle beside its hole: its point away from the hole when it comes out of this face, at the hole when it goes in. */
export function Needle({ x, y, coming }: { x: number; y: number; coming: boolean }) {
  const far = { x: x + 13, y: y - 40 };
  return (
    <g className="needle" aria-hidden="true">
      <line x1={x} y1={y} x2={far.x} y2={far.y} />
      <circle cx={coming ? x : far.x} cy={coming ? y : far.y} r={coming ? 3.5 : 2.5} />
      <path d={coming ? `M ${far.x} ${far.y} l -5 9 l 8 2 z` : `M ${x} ${y} l -0.5 -10 l 7 2 z`} />
    </g>
  );
}
