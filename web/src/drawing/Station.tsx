export type HoleState = 'marked' | 'punched' | 'sewn';

/** A station: a small cross before it is punched, a ring after, a ring with a bar once thread lies in it. */
export function Station({ x, y, state }: { x: number; y: number; state: HoleState }) {
  if (state === 'marked') {
    return (
      <g className="hole hole-marked">
        <line x1={x - 5} y1={y - 5} x2={x + 5} y2={y + 5} />
        <line x1={x - 5} y1={y + 5} x2={x + 5} y2={y - 5} />
      </g>
    );
  }
  return (
    <g className={`hole hole-${state}`}>
      <circle cx={x} cy={y} r={5} />
      {state === 'sewn' && <line x1={x - 9} y1={y} x2={x + 9} y2={y} />}
    </g>
  );
}
