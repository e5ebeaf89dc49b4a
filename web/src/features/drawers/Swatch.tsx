import type { DrawerView, ThingView } from '../../api/client';

type Dye = NonNullable<ThingView['colour']>;

const DYES: Record<Dye, string> = {
  UNDYED: '#d9cfb8',
  MADDER: '#a83a2a',
  WELD: '#c9a227',
  VERDIGRIS: '#1f6f5c',
  INDIGO: '#2b4a86',
  PLUM: '#6b3157',
  ASH: '#8c9692',
  SOOT: '#2a3033',
};

/** What a thing looks like where nobody said its colour. */
const PLAIN: Record<DrawerView['drawer'], string> = {
  PAPERS: 'var(--paper)',
  THREADS: '#d9cfb8',
  BOARDS: '#a9a79b',
  COVERS: 'var(--paper)',
  NEEDLES: '#9aa5a8',
};

/** A scrap of a thing in its colour: a sheet, a board, a wound thread, a needle. */
export function Swatch({ drawer, thing }: { drawer: DrawerView['drawer']; thing: ThingView }) {
  const colour = thing.colour ? DYES[thing.colour] : PLAIN[drawer];
  return (
    <svg width={26} height={26} aria-hidden="true" className="swatch">
      {drawer === 'THREADS' ? (
        <>
          <rect x={9} y={2} width={8} height={22} className="swatch-spool" />
          {[5, 8, 11, 14, 17, 20].map((y) => (
            <line key={y} x1={5} x2={21} y1={y + 1} y2={y - 1} style={{ stroke: colour }} className="swatch-thread" />
          ))}
        </>
      ) : drawer === 'NEEDLES' ? (
        <>
          <line x1={3} y1={23} x2={22} y2={4} className="swatch-needle" />
          <ellipse cx={20} cy={6} rx={1.4} ry={3} transform="rotate(45 20 6)" className="swatch-eye" />
        </>
      ) : (
        <>
          <rect x={2} y={3} width={20} height={20} style={{ fill: colour }} className="swatch-sheet" />
          {drawer === 'BOARDS' && <path d="M 22 3 l 3 2 v 20 h -20 l -3 -2 h 20 z" className="swatch-edge" />}
        </>
      )}
    </svg>
  );
}
