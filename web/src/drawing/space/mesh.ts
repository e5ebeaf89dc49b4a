import type { Across } from './bend';

/** Corners and the triangles between them; what a graphics library draws. */
export interface Mesh {
  positions: Float32Array;
  normals: Float32Array;
  /** One number for each corner: how light it is, from 0 to 1. */
  shades: Float32Array;
  indices: Uint32Array;
}

/** Where something flat begins and ends at one of its points, from the head. */
export type Reach = readonly [from: number, to: number];

/**
 * Something flat of that middle and thickness, from head to tail: a closed shell with hard edges.
 *
 * @param high where it begins and ends at each of its points
 * @param seen of which points the faces are drawn: of a leaf that lies between others nobody sees more than its edges
 * @param light how light its faces are, from 0 to 1
 */
export function flat(
  points: readonly Across[],
  thick: number,
  high: readonly Reach[],
  seen: { first: number; last: number } = { first: 0, last: points.length - 1 },
  light = 1,
): Mesh {
  const n = points.length;
  const [upper, lower]: [Across[], Across[]] = [[], []];
  const out: Across[] = [];
  for (let i = 0; i < n; i++) {
    const a = points[Math.max(0, i - 1)]!;
    const b = points[Math.min(n - 1, i + 1)]!;
    const long = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    const normal: Across = [-(b[1] - a[1]) / long, (b[0] - a[0]) / long];
    out.push(normal);
    const p = points[i]!;
    upper.push([p[0] + (normal[0] * thick) / 2, p[1] + (normal[1] * thick) / 2]);
    lower.push([p[0] - (normal[0] * thick) / 2, p[1] - (normal[1] * thick) / 2]);
  }
  // two corners of each point on either face and on either cut edge, four of each end
  const shell = new Shell(8 * n + 8);
  const face = (edge: readonly Across[], sign: 1 | -1) => {
    const first = shell.count;
    edge.forEach((p, i) => {
      const [ny, nz] = [out[i]![0] * sign, out[i]![1] * sign];
      shell.corner(high[i]![0], p[0], p[1], 0, ny, nz, light);
      shell.corner(high[i]![1], p[0], p[1], 0, ny, nz, light);
      if (i > seen.first && i <= seen.last) {
        shell.quad(first + 2 * i - 2, first + 2 * i - 1, first + 2 * i + 1, first + 2 * i, sign < 0);
      }
    });
  };
  face(upper, 1);
  face(lower, -1);
  // cut edges are a little darker, so that leaves are told from each other
  for (const [end, sign] of [
    [0, -1],
    [1, 1],
  ] as const) {
    const first = shell.count;
    for (let i = 0; i < n; i++) {
      const x = high[i]![end];
      shell.corner(x, upper[i]![0], upper[i]![1], sign, 0, 0, 0.8);
      shell.corner(x, lower[i]![0], lower[i]![1], sign, 0, 0, 0.8);
      if (i > 0) {
        shell.quad(first + 2 * i - 2, first + 2 * i - 1, first + 2 * i + 1, first + 2 * i, sign > 0);
      }
    }
  }
  for (const i of [0, n - 1]) {
    const first = shell.count;
    const next = i === 0 ? 1 : n - 2;
    const [ny, nz] = [points[i]![0] - points[next]![0], points[i]![1] - points[next]![1]];
    const long = Math.hypot(ny, nz) || 1;
    for (const [p, x] of [
      [upper[i]!, high[i]![0]],
      [upper[i]!, high[i]![1]],
      [lower[i]!, high[i]![1]],
      [lower[i]!, high[i]![0]],
    ] as const) {
      shell.corner(x, p[0], p[1], 0, ny / long, nz / long, 0.9);
    }
    shell.quad(first, first + 1, first + 2, first + 3, i === 0);
  }
  return shell.mesh();
}

/** Collects corners and triangles. */
class Shell {
  count = 0;
  private readonly positions: Float32Array;
  private readonly normals: Float32Array;
  private readonly shades: Float32Array;
  private readonly indices: number[] = [];

  constructor(corners: number) {
    this.positions = new Float32Array(3 * corners);
    this.normals = new Float32Array(3 * corners);
    this.shades = new Float32Array(corners);
  }

  corner(x: number, y: number, z: number, nx: number, ny: number, nz: number, shade: number): void {
    this.positions.set([x, y, z], 3 * this.count);
    this.normals.set([nx, ny, nz], 3 * this.count);
    this.shades[this.count] = shade;
    this.count++;
  }

  quad(a: number, b: number, c: number, d: number, turned: boolean): void {
    this.indices.push(...(turned ? [a, c, b, a, d, c] : [a, b, c, a, c, d]));
  }

  mesh(): Mesh {
    const { positions, normals, shades } = this;
    return { positions, normals, shades, indices: Uint32Array.from(this.indices) };
  }
}

/** Several meshes as one. */
export function merged(all: readonly Mesh[]): Mesh {
  const corners = all.reduce((sum, one) => sum + one.shades.length, 0);
  const result: Mesh = {
    positions: new Float32Array(3 * corners),
    normals: new Float32Array(3 * corners),
    shades: new Float32Array(corners),
    indices: new Uint32Array(all.reduce((sum, one) => sum + one.indices.length, 0)),
  };
  let [corner, index] = [0, 0];
  for (const one of all) {
    result.positions.set(one.positions, 3 * corner);
    result.normals.set(one.normals, 3 * corner);
    result.shades.set(one.shades, corner);
    for (let i = 0; i < one.indices.length; i++) {
      result.indices[index + i] = one.indices[i]! + corner;
    }
    corner += one.shades.length;
    index += one.indices.length;
  }
  return result;
}

const STRAIGHT = 1e-4;

/** The points at which a middle bends, with its ends and those that are kept: between them it is straight. */
export function bends(points: readonly Across[], kept: (point: number) => boolean): number[] {
  return points.flatMap((p, i) => {
    const [a, b] = [points[i - 1], points[i + 1]];
    if (!a || !b || kept(i)) {
      return [i];
    }
    const off = (p[0] - a[0]) * (b[1] - p[1]) - (p[1] - a[1]) * (b[0] - p[0]);
    return Math.abs(off) > STRAIGHT * Math.hypot(p[0] - a[0], p[1] - a[1]) * Math.hypot(b[0] - p[0], b[1] - p[1])
      ? [i]
      : [];
  });
}
