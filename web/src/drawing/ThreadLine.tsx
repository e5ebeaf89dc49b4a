import type { UnitKey } from '../units/unit';
import { Ruler } from './Ruler';

interface Props {
  cutMm: number;
  heightMm: number;
  ruleLowMm: number;
  ruleHighMm: number;
  width: number;
  unit: UnitKey;
  label: string;
  colour: string;
}

/** The thread to cut, laid out along heights of the book, with what the rule of thumb would cut beside it. */
export function ThreadLine({ cutMm, heightMm, ruleLowMm, ruleHighMm, width, unit, label, colour }: Props) {
  const heights = Math.ceil(Math.max(cutMm, ruleHighMm) / heightMm);
  const left = 16;
  const scale = (width - left - 40) / (heights * heightMm);
  const x = (mm: number) => left + mm * scale;
  return (
    <svg width={width} height={128} role="img" aria-label={label}>
      <Ruler lengthMm={heights * heightMm} scale={scale} unit={unit} x={left} y={28} />
      {Array.from({ length: heights }, (_, i) => (
        <g key={i} className="height-mark">
          <rect x={x(i * heightMm)} y={34} width={heightMm * scale} height={26} />
          <text x={x((i + 0.5) * heightMm)} y={52} textAnchor="middle">
            {heightMm * scale > 90 ? `height ${i + 1}` : i + 1}
          </text>
        </g>
      ))}
      <path className="thread-line" style={{ stroke: colour }} d={`M ${x(0)} 76 H ${x(cutMm)}`} />
      <path className="thread-cut" d={`M ${x(cutMm)} 68 v 16`} />
      <rect className="rule-range" x={x(ruleLowMm)} y={92} width={(ruleHighMm - ruleLowMm) * scale} height={8} />
      <text className="note" x={x(0)} y={118}>
        above it, heights of the book
      </text>
      <text className="note" x={x(ruleLowMm)} y={118}>
        rule of thumb
      </text>
    </svg>
  );
}
