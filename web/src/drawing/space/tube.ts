import type { Mesh } from './mesh';

/** Along the spine, through the book, out of the spine. */
export type V = [number, number, number];

const minus = (a: V, b: V): V => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: V, b: V) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: V, b: V): V => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
const unit = (a: V): V => {
  const long = Math.hypot(...a) || 1;
  return [a[0] / long, a[1] / long, a[2] / long];
};

/** The points of a line that is told number by number, those that lie on each other left out. */
export function points(told: readonly number[]): V[] {
  const all: V[] = [];
  for (let i = 0; i + 2 < told.length; i += 3) {
    const p: V = [told[i]!, told[i + 1]!, told[i + 2]!];
    const last = all[all.length - 1];
    if (!last || apart(p, last) > 1e-6) {
      all.push(p);
    }
  }
  return all;
}

/** How far two points are apart. */
export function apart(a: V, b: V): number {
  return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
}

/** How long a line is. */
export function length(line: readonly V[]): number {
  return line.reduce((sum, p, i) => (i === 0 ? 0 : sum + apart(p, line[i - 1]!)), 0);
}

/** Two strands of a thread lie once round each other in so many of its thicknesses. */
const TWIST = 5;

/**
 * A tube about a line. Its rings are carried along without turning by themselves; what is light and dark on it runs round as the plies of a
 * twisted thread do.
 */
export function tube(line: readonly V[], thick: number, sides: number, startMm = 0): Mesh {
  const n = line.length;
  const positions = new Float32Array(3 * n * sides);
  const normals = new Float32Array(3 * n * sides);
  const shades = new Float32Array(n * sides);
  if (n < 2) {
    return {
      positions: new Float32Array(),
      normals: new Float32Array(),
      shades: new Float32Array(),
      indices: new Uint32Array(),
    };
  }
  const ways = line.map((_, i) => unit(minus(line[Math.min(n - 1, i + 1)]!, line[Math.max(0, i - 1)]!)));
  let normal = unit(cross(ways[0]!, Math.abs(ways[0]![0]) < 0.9 ? [1, 0, 0] : [0, 1, 0]));
  let along = startMm;
  for (let i = 0; i < n; i++) {
    const way = ways[i]!;
    const off = dot(normal, way);
    normal = unit([normal[0] - off * way[0], normal[1] - off * way[1], normal[2] - off * way[2]]);
    const other = cross(way, normal);
    along += i === 0 ? 0 : apart(line[i]!, line[i - 1]!);
    for (let k = 0; k < sides; k++) {
      const angle = (2 * Math.PI * k) / sides;
      const [c, s] = [Math.cos(angle), Math.sin(angle)];
      const at = i * sides + k;
      for (let axis = 0; axis < 3; axis++) {
        const out = normal[axis]! * c + other[axis]! * s;
        normals[3 * at + axis] = out;
        positions[3 * at + axis] = line[i]![axis]! + (out * thick) / 2;
      }
      shades[at] = 0.8 + 0.2 * Math.cos(2 * angle - (2 * Math.PI * along) / (TWIST * thick));
    }
  }
  const indices = new Uint32Array(6 * (n - 1) * sides);
  let at = 0;
  for (let i = 0; i + 1 < n; i++) {
    for (let k = 0; k < sides; k++) {
      const a = i * sides + k;
      const b = i * sides + ((k + 1) % sides);
      indices.set([a, b, a + sides, b, b + sides, a + sides], at);
      at += 6;
    }
  }
  return { positions, normals, shades, indices };
}
