import type { OwnPattern } from '../../api/client';

export type Hole = OwnPattern['holes'][number];
export type Line = OwnPattern['lines'][number];
export type Turn = OwnPattern['turns'][number];

/** What a press on the drawing does. */
export type Hand = 'HOLE' | 'OUTER' | 'INNER' | 'WRAP';

/** What the stitches of a pattern lie on, the seen side first. */
export function faces(pattern: OwnPattern): readonly [string, string] {
  return pattern.side ? ['front', 'back'] : ['outside', 'inside'];
}

/** A pattern to begin with: a fold or a block with a few holes and nothing sewn. */
export function blank(side: boolean): OwnPattern {
  return {
    name: 'New pattern',
    side,
    heightMm: 210,
    holes: [30, 80, 130, 180].map((fromHeadMm) => ({ fromHeadMm, fromSpineMm: side ? 12 : 0 })),
    lines: [],
    turns: [],
  };
}

/** Sews a line between two holes on a face, or takes it out where it lies already. */
export function toggled(pattern: OwnPattern, outer: boolean, from: number, to: number): OwnPattern {
  const same = (line: Line) =>
    line.outer === outer && ((line.from === from && line.to === to) || (line.from === to && line.to === from));
  const there = pattern.lines.some(same);
  const lines = there
    ? pattern.lines.filter((line) => !same(line))
    : [...pattern.lines, { outer, from: Math.min(from, to), to: Math.max(from, to) }];
  return { ...pattern, lines };
}

const EDGES: readonly Turn['edge'][] = ['SPINE', 'HEAD', 'TAIL'];

/** The next of the wraps a hole can have: none, round the spine, round head or tail too. */
export function wrapped(pattern: OwnPattern, hole: number): OwnPattern {
  const mine = pattern.turns.filter((turn) => turn.hole === hole).map((turn) => turn.edge);
  const end = (pattern.holes[hole - 1]?.fromHeadMm ?? 0) < pattern.heightMm / 2 ? 'HEAD' : 'TAIL';
  const next: Turn['edge'][] =
    mine.length === 0 ? ['SPINE'] : mine.length === 1 && mine[0] === 'SPINE' ? ['SPINE', end] : [];
  const others = pattern.turns.filter((turn) => turn.hole !== hole);
  return {
    ...pattern,
    turns: [...others, ...EDGES.filter((edge) => next.includes(edge)).map((edge) => ({ hole, edge }))],
  };
}

/** Sets a hole; holes of a fold stay counted from the head, and what was sewn stays at its holes. */
export function withHole(pattern: OwnPattern, hole: Hole): OwnPattern {
  const at = pattern.side
    ? pattern.holes.length
    : pattern.holes.filter((other) => other.fromHeadMm < hole.fromHeadMm).length;
  const holes = [...pattern.holes.slice(0, at), hole, ...pattern.holes.slice(at)];
  return renumbered({ ...pattern, holes }, (number) => (number > at ? number + 1 : number));
}

/** Takes a hole out, and what is sewn through it. */
export function without(pattern: OwnPattern, hole: number): OwnPattern {
  const holes = pattern.holes.filter((_, i) => i !== hole - 1);
  const rest = {
    ...pattern,
    holes,
    lines: pattern.lines.filter((line) => line.from !== hole && line.to !== hole),
    turns: pattern.turns.filter((turn) => turn.hole !== hole),
  };
  return renumbered(rest, (number) => (number > hole ? number - 1 : number));
}

/** Holes of a pattern lie at whole halves of a millimetre. */
export function halves(mm: number): number {
  return Math.round(mm * 2) / 2;
}

/** Moves a hole; one of a fold stays between its neighbours. */
export function movedTo(pattern: OwnPattern, hole: number, to: Hole): OwnPattern {
  const before = pattern.side ? 1 : (pattern.holes[hole - 2]?.fromHeadMm ?? 0) + 1;
  const after = pattern.side ? pattern.heightMm - 1 : (pattern.holes[hole]?.fromHeadMm ?? pattern.heightMm) - 1;
  const kept = {
    fromHeadMm: halves(Math.min(after, Math.max(before, to.fromHeadMm))),
    fromSpineMm: pattern.side ? halves(Math.max(3, Math.min(60, to.fromSpineMm))) : 0,
  };
  return { ...pattern, holes: pattern.holes.map((other, i) => (i === hole - 1 ? kept : other)) };
}

function renumbered(pattern: OwnPattern, number: (old: number) => number): OwnPattern {
  return {
    ...pattern,
    lines: pattern.lines.map((line) => ({ ...line, from: number(line.from), to: number(line.to) })),
    turns: pattern.turns.map((turn) => ({ ...turn, hole: number(turn.hole) })),
  };
}
