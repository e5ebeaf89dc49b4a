import type { CoverLookView } from '../../../../api/client';
import { Ruler } from '../../../../drawing/Ruler';
import { useUnit, useWords } from '../../../../units/unit';
import { Grips } from './Grips';

const LEFT = 56;
const TOP = 34;
const RIGHT = 30;
const BOTTOM = 26;
/** Words are written into a part only where it is so wide, CSS pixels a letter. */
const LETTER = 7.5;
/** What moves an edge is drawn so far to either side of it. */
const GRIPPED = 8;

/** Where the grain may be shown, as shares of the width. */
const GRAIN_AT = [0.12, 0.2, 0.28, 0.06, 0.82];
/** What its arrow and word take on the left and on the right, CSS pixels. */
const GRAIN_LEFT = 20;
const GRAIN_RIGHT = 8;

const LAYERS: Record<Outline['role'], string> = {
  BOARD: 'layer-board',
  COVERING: 'layer-covering',
  LINING: 'layer-lining',
  PAPER: 'layer-paper',
  BLOCK: 'layer-block',
  FOLD: 'layer-fold',
  CUT: 'layer-cut',
  THREAD: 'layer-thread',
};

type Outline = CoverLookView['outlines'][number];

/** Room for a cover in a place that wide, and no more than so much, CSS pixels; on a phone what stands upright is as high as that is wide. */
export function coverHigh(width: number, most: number): number {
  return Math.min(most, Math.max(0.6 * width, Math.min(width, 330)));
}

/** A cover to scale, with rulers along its edges and every part named. */
export function CoverDrawing({ look, width, height }: { look: CoverLookView; width: number; height: number }) {
  const { unit } = useUnit();
  const words = useWords();
  const scale = Math.min((width - LEFT - RIGHT) / look.widthMm, (Math.max(120, height) - TOP - BOTTOM) / look.heightMm);
  const wide = look.widthMm * scale;
  const left = LEFT + Math.max(0, (width - LEFT - RIGHT - wide) / 2);
  const flat = look.view === 'OPENED_INSIDE' || look.view === 'OPENED_OUTSIDE';
  const high = look.heightMm * scale;
  return (
    <svg
      width={width}
      height={TOP + high + BOTTOM}
      role={look.grips.length > 0 ? 'group' : 'img'}
      aria-label={`${look.seen}. ${words(look.words)}`}
      className="cover-drawing"
    >
      <g transform={`translate(${left} ${TOP})`}>
        {look.outlines.map((one, i) => (
          <Shape key={i} outline={one} scale={scale} />
        ))}
        {look.outlines.map((one, i) => (
          <Name key={i} outline={one} scale={scale} />
        ))}
        {flat && <Grain x={clear(look.outlines, wide, scale)} high={high} />}
        <Grips look={look} drawnAt={{ left, top: TOP, scale }} />
      </g>
      <Ruler lengthMm={look.widthMm} scale={scale} unit={unit} x={left} y={TOP - 4} />
      <Ruler lengthMm={look.heightMm} scale={scale} unit={unit} x={left - 6} y={TOP} down />
    </svg>
  );
}

/** A place for the grain that no upright line goes through, its own outline neither. */
function clear(outlines: readonly Outline[], wide: number, scale: number): number {
  const lines = outlines.flatMap((one) => one.points.map((p) => p.xMm * scale));
  const free = GRAIN_AT.map((share) => wide * share).find((x) =>
    lines.every((line) => line < x - GRAIN_LEFT || line > x + GRAIN_RIGHT),
  );
  // beside a drawing that has no room for it
  return free ?? wide + GRAIN_LEFT + 2;
}

function Shape({ outline, scale }: { outline: Outline; scale: number }) {
  const { points } = outline;
  const d = points.map((p, i) => `${i === 0 ? 'M' : 'L'} ${p.xMm * scale} ${p.yMm * scale}`).join(' ');
  const open = points.length === 2 || outline.role === 'THREAD';
  return <path d={open ? d : `${d} z`} className={outline.hidden ? 'layer-hidden' : LAYERS[outline.role]} />;
}

function Name({ outline, scale }: { outline: Outline; scale: number }) {
  const xs = outline.points.map((p) => p.xMm * scale);
  const ys = outline.points.map((p) => p.yMm * scale);
  const w = Math.max(...xs) - Math.min(...xs);
  const h = Math.max(...ys) - Math.min(...ys);
  const x = (Math.max(...xs) + Math.min(...xs)) / 2;
  // what lies under something is named at its foot, so that the name of what lies over it stays free
  const y = outline.hidden && h > 60 ? Math.max(...ys) - 14 : (Math.max(...ys) + Math.min(...ys)) / 2;
  const long = outline.name.length * LETTER;
  const turned = long > w - 2 * GRIPPED;
  if (!outline.name || (turned && (long > h || w < 16))) {
    return null;
  }
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      dominantBaseline="central"
      className="cover-name"
      transform={turned ? `rotate(-90 ${x} ${y})` : undefined}
    >
      {outline.name}
    </text>
  );
}

/** Which way the grain of every piece runs. */
function Grain({ x, high }: { x: number; high: number }) {
  // above the middle, where names stand
  const middle = high * 0.28;
  const half = Math.min(46, high / 6);
  return (
    <g className="cover-grain">
      <path
        d={`M ${x} ${middle - half} V ${middle + half} M ${x - 4} ${middle - half + 7} L ${x} ${middle - half} L ${x + 4} ${middle - half + 7} M ${x - 4} ${middle + half - 7} L ${x} ${middle + half} L ${x + 4} ${middle + half - 7}`}
      />
      <text x={x - 6} y={middle} textAnchor="middle" transform={`rotate(-90 ${x - 6} ${middle})`}>
        grain
      </text>
    </g>
  );
}
