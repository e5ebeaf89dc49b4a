import type { UnitKey } from '../units/unit';

interface Props {
  /** Length shown, mm. */
  lengthMm: number;
  /** CSS pixels for a millimetre. */
  scale: number;
  unit: UnitKey;
  x: number;
  y: number;
  /** Whether it runs down instead of to the right. */
  down?: boolean;
  /** Whether it counts from its far end, as when the work is turned over. */
  reversed?: boolean;
}

const INCH_MM = 25.4;
const STEPS: Record<UnitKey, { stepMm: number; parts: number }[]> = {
  MM: [
    { stepMm: 5, parts: 5 },
    { stepMm: 10, parts: 10 },
    { stepMm: 20, parts: 4 },
    { stepMm: 50, parts: 5 },
    { stepMm: 100, parts: 10 },
    { stepMm: 200, parts: 4 },
    { stepMm: 500, parts: 5 },
    { stepMm: 1000, parts: 10 },
  ],
  INCH: [
    { stepMm: INCH_MM, parts: 8 },
    { stepMm: 2 * INCH_MM, parts: 4 },
    { stepMm: 5 * INCH_MM, parts: 5 },
    { stepMm: 10 * INCH_MM, parts: 5 },
    { stepMm: 50 * INCH_MM, parts: 5 },
  ],
};
const LABEL_ROOM = 34;
/** Labels of four digits. */
const WIDE_LABEL_ROOM = 46;
const WIDE_FROM_MM = 1000;

/** A rule laid along an edge of the drawing, in the binder's unit. */
export function Ruler({ lengthMm, scale, unit, x, y, down, reversed }: Props) {
  const steps = STEPS[unit];
  const room = unit === 'MM' && lengthMm >= WIDE_FROM_MM ? WIDE_LABEL_ROOM : LABEL_ROOM;
  const { stepMm, parts } = steps.find((step) => step.stepMm * scale >= room) ?? steps[steps.length - 1]!;
  const partMm = stepMm / parts;
  const fine = partMm * scale >= 3;
  const ticks = [];
  for (let i = 0; i * partMm <= lengthMm + 1e-6; i++) {
    const whole = i % parts === 0;
    if (!whole && !fine) {
      continue;
    }
    const at = (reversed ? lengthMm - i * partMm : i * partMm) * scale;
    const size = whole ? 8 : i * 2 === Math.round((i * 2) / parts) * parts ? 6 : 3.5;
    const label = unit === 'MM' ? Math.round(i * partMm) : Math.round((i * partMm) / INCH_MM);
    ticks.push(
      down ? (
        <g key={i}>
          <line x1={x - size} x2={x} y1={y + at} y2={y + at} />
          {whole && (
            <text x={x - 11} y={y + at + 4} textAnchor="end">
              {label}
            </text>
          )}
        </g>
      ) : (
        <g key={i}>
          <line x1={x + at} x2={x + at} y1={y - size} y2={y} />
          {whole && (
            <text x={x + at} y={y - 11} textAnchor="middle">
              {label}
            </text>
          )}
        </g>
      ),
    );
  }
  const end = lengthMm * scale;
  return (
    <g className="ruler" aria-hidden="true">
      <line x1={x} y1={y} x2={down ? x : x + end} y2={down ? y + end : y} />
      {ticks}
      <text
        x={down ? x - 11 : x + end + 10}
        y={down ? y + end + 18 : y - 2}
        textAnchor={down ? 'end' : 'start'}
        className="ruler-unit"
      >
        {unit === 'MM' ? 'mm' : 'in'}
      </text>
    </g>
  );
}
