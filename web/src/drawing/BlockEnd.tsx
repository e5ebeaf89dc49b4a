import type { BlockView } from '../api/client';

interface Props {
  block: BlockView;
  leafMm: number;
  exaggerated: boolean;
  spine: string;
  fore: string;
  width: number;
  height: number;
  label: string;
}

const EXAGGERATION = 5;
const LEFT = 124;
const RIGHT = 124;

/** The book without its cover seen from the head: spine left, fore edge right, to scale; what is pasted in stands at the fore edge. */
export function BlockEnd({ block, leafMm, exaggerated, spine, fore, width, height, label }: Props) {
  const spread = (block.foreEdgeMm - block.spineMm) * (exaggerated ? EXAGGERATION : 1);
  const foreMm = Math.max(0.2, block.spineMm + spread);
  const tallest = Math.max(block.spineMm, foreMm);
  const scale = Math.min((width - LEFT - RIGHT) / leafMm, (height - 90) / tallest);
  const w = leafMm * scale;
  const left = LEFT + (width - LEFT - RIGHT - w) / 2;
  const middle = height / 2 - 8;
  const sp = (block.spineMm * scale) / 2;
  const fo = (foreMm * scale) / 2;
  const right = left + w;
  const total = block.signatures.reduce((sum, one) => sum + one.foldMm, 0);
  let done = 0;
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="block-end">
      {block.signatures.length === 0 && (
        <path
          d={`M ${left} ${middle - sp} L ${right} ${middle - fo} V ${middle + fo} L ${left} ${middle + sp} z`}
          className="block-leaves"
        />
      )}
      {block.signatures.map((signature) => {
        const from = done / total;
        done += signature.foldMm;
        const to = done / total;
        const y1 = middle - sp + from * 2 * sp;
        const y2 = middle - sp + to * 2 * sp;
        const r = (y2 - y1) / 2;
        return (
          <path
            key={signature.number}
            className={signature.endpaper ? 'block-leaves block-endpaper' : 'block-leaves'}
            d={`M ${right} ${middle - fo + from * 2 * fo} L ${left + r} ${y1} A ${r} ${r} 0 0 0 ${left + r} ${y2} L ${right} ${middle - fo + to * 2 * fo} z`}
          />
        );
      })}
      <Dimension x={left - 20} y={middle} half={sp} text={spine} name="spine" end />
      <Dimension x={right + 20} y={middle} half={fo} text={fore} name="fore edge" />
      <text x={width / 2} y={height - 8} textAnchor="middle" className="note">
        {exaggerated
          ? 'seen from the head; the wedge drawn five times as large'
          : `seen from the head, ${scaleWords(scale)}`}
      </text>
    </svg>
  );
}

function scaleWords(scale: number): string {
  const times = scale / (96 / 25.4);
  return times >= 0.95 && times <= 1.05 ? 'at its size' : `${times.toFixed(1)} times its size`;
}

interface DimensionProps {
  x: number;
  y: number;
  half: number;
  text: string;
  name: string;
  end?: boolean;
}

function Dimension({ x, y, half, text, name, end }: DimensionProps) {
  const at = end ? x - 10 : x + 10;
  const anchor = end ? 'end' : 'start';
  return (
    <g className="dimension">
      <line x1={x} x2={x} y1={y - half} y2={y + half} />
      <line x1={x - 5} x2={x + 5} y1={y - half} y2={y - half} />
      <line x1={x - 5} x2={x + 5} y1={y + half} y2={y + half} />
      <text x={at} y={y + 2} textAnchor={anchor}>
        {text}
      </text>
      <text x={at} y={y + 20} textAnchor={anchor} className="note">
        {name}
      </text>
    </g>
  );
}
