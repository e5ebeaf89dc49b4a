import type { WayStep, WayStrand, WayWork } from '../../api/client';

/** Where a place of the work, along and across in mm, lies on the drawing, in px. */
export type At = (along: number, across: number) => readonly [number, number];

export type View = WayStrand['view'];

/** What is looked at, and how much of it is sewn. */
export interface Looked {
  work: WayWork;
  steps: readonly WayStep[];
  /** Steps that are sewn. */
  sewn: number;
  /** Whether the work is turned over, its head on the right. */
  turned: boolean;
  /** The signature that is in hand. */
  signature: number;
  /** Whether the step that comes next is drawn. */
  next: boolean;
  /** Pressing a hole of what lies in hand. */
  press?: ((station: number) => void) | undefined;
  /** Holes marked besides, in their order. */
  marked?: readonly number[];
}

/** A strand as the d of an SVG path: three points are a curve, others a chain. */
export function curve(points: readonly number[], at: At): string {
  const places: (readonly [number, number])[] = [];
  for (let i = 0; i + 1 < points.length; i += 2) {
    places.push(at(points[i]!, points[i + 1]!));
  }
  const p = places.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`);
  return places.length === 3 ? `M ${p[0]} Q ${p[1]} ${p[2]}` : `M ${p.join(' L ')}`;
}

/** Whether a strand is seen on a view; inside, only that of one signature. */
export function seen(strand: WayStrand, view: View, signature: number | null): boolean {
  return strand.view === view && (signature === null || strand.signature === signature);
}

/** After which step a hole first holds thread: the key is the signature and the station. */
function filledAfter(steps: readonly WayStep[]): ReadonlyMap<string, number> {
  const filled = new Map<string, number>();
  for (const step of steps) {
    const key = holeKey(step.signature, step.station);
    if (step.kind === 'PASS' && !filled.has(key)) {
      filled.set(key, step.number);
    }
  }
  return filled;
}

/** Numbers of the holes of a row that hold thread after so many steps, joined by commas; most rows are empty or full, and known at once. */
export function fillings(
  layers: number,
  stations: readonly number[],
  steps: readonly WayStep[],
): (signature: number, sewn: number) => string {
  const after = filledAfter(steps);
  const all = stations.join(',');
  const rows = Array.from({ length: layers }, (_, i) => {
    const times = stations.map((station) => after.get(holeKey(i + 1, station)) ?? Infinity);
    return { times, first: Math.min(...times), last: Math.max(...times) };
  });
  return (signature, sewn) => {
    const row = rows[signature - 1];
    if (!row || sewn < row.first) {
      return '';
    }
    return sewn >= row.last ? all : stations.filter((_, i) => row.times[i]! <= sewn).join(',');
  };
}

function holeKey(signature: number, station: number): string {
  return `${signature}.${station}`;
}

/** The signature in hand: that of the step that comes next, or of the last one. */
export function inHand(steps: readonly WayStep[], sewn: number): number {
  return steps[Math.min(sewn, steps.length - 1)]?.signature ?? 1;
}

/** What a view shows, in words. */
export function viewName(view: View, work: WayWork, signature: number): string {
  if (work.atOnce) {
    return view === 'INSIDE' ? 'Inside of section 1' : 'Inside of section 2';
  }
  switch (view) {
    case 'INSIDE':
      return work.layers.length > 1 ? `Inside of signature ${signature}` : 'Inside';
    case 'OUTSIDE':
      return work.layers.length > 1 ? 'Outside, the spine' : 'Outside';
    case 'FRONT':
      return 'Front';
    case 'BACK':
      return 'Back';
    case 'SPINE':
      return 'Spine';
  }
}
