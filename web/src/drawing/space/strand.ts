import {
  BufferAttribute,
  BufferGeometry,
  ConeGeometry,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  Quaternion,
  Vector3,
  type Material,
  type Object3D,
  type Plane,
} from 'three';
import { material, thickened, write, type Thicker } from './geometry';
import { merged, type Mesh as Told } from './mesh';
import type { Colours, Space } from './model';
import { apart, length, points, tube, type V } from './tube';

/** A thread of more points than this is told coarser, and is a line while it moves on a slow machine. */
const MANY_POINTS = 9000;
/** A line leaves out what is nearer than this to the point before, mm. */
const LINE_MM = 1.2;
const NEEDLE_MM = 34;

/** Where something of a step begins in what is drawn, and how much of it there is. */
interface Range {
  from: number;
  count: number;
}

/** The thread: what is sewn, the move in hand, the needle before it. */
export class Strand {
  readonly many: boolean;
  private readonly sides: number;
  private readonly steps = new Map<number, { tube: Range; line: Range; points: V[] }>();
  private readonly sewn: Mesh;
  private readonly live: Mesh;
  private readonly sewnLine: LineSegments;
  private readonly liveLine: LineSegments;
  private readonly needle: Mesh;
  private readonly thicker: Thicker = { value: 0 };

  constructor(
    private readonly space: Space,
    colours: Colours,
  ) {
    this.many = space.thread.reduce((sum, laid) => sum + laid.points.length / 3, 0) > MANY_POINTS;
    this.sides = this.many ? 3 : 8;
    const [tubes, lines] = this.laid();
    this.sewn = new Mesh(tubes, thickened(colours.thread, this.thicker));
    this.live = new Mesh(sharing(tubes), thickened(colours.live, this.thicker));
    this.sewnLine = new LineSegments(lines, new LineBasicMaterial({ color: colours.thread }));
    this.liveLine = new LineSegments(sharing(lines), new LineBasicMaterial({ color: colours.live }));
    this.needle = new Mesh(new ConeGeometry(0.9, NEEDLE_MM, 10), material(colours.needle, false));
    this.sewn.name = 'thread';
    this.live.name = 'thread of this move';
    this.needle.name = 'needle';
    this.shapes.forEach((shape) => (shape.frustumCulled = false));
    this.fine(true);
  }

  get shapes(): Object3D[] {
    return [this.sewn, this.live, this.sewnLine, this.liveLine, this.needle];
  }

  /** As a thread, or as a line. */
  fine(whole: boolean): void {
    const tubes = whole || !this.many;
    [this.sewn, this.live].forEach((mesh) => (mesh.visible = tubes));
    [this.sewnLine, this.liveLine].forEach((line) => (line.visible = !tubes));
  }

  /** No thinner than that. */
  atLeast(thickMm: number): void {
    this.thicker.value = Math.max(0, (thickMm - this.space.threadMm) / 2);
  }

  cut(planes: Plane[]): void {
    for (const shape of [this.sewn, this.live, this.sewnLine, this.liveLine]) {
      const look = shape.material as Material;
      look.clippingPlanes = planes;
      look.needsUpdate = true;
    }
  }

  /** So many moves are sewn, the last of them so far, from 0 to 1. */
  sew(moves: number, far: number): void {
    let [tubes, lines] = [0, 0];
    for (const [step, { tube: ring, line }] of this.steps) {
      if (step < moves) {
        tubes = Math.max(tubes, ring.from + ring.count);
        lines = Math.max(lines, line.from + line.count);
      }
    }
    this.sewn.geometry.setDrawRange(0, tubes);
    this.sewnLine.geometry.setDrawRange(0, lines);
    const now = this.steps.get(moves);
    const ring = 6 * this.sides;
    this.live.geometry.setDrawRange(now?.tube.from ?? 0, now ? Math.round((now.tube.count / ring) * far) * ring : 0);
    this.liveLine.geometry.setDrawRange(now?.line.from ?? 0, now ? Math.round((now.line.count / 2) * far) * 2 : 0);
    this.needle.visible = now !== undefined && moves < this.space.thread.length;
    if (now && now.points.length > 1) {
      this.lead(now.points, far);
    }
  }

  /** The needle goes before the thread. */
  private lead(line: V[], far: number): void {
    const end = Math.max(1, Math.min(line.length - 1, Math.round((line.length - 1) * far)));
    const tip = new Vector3(...line[end]!);
    const way = tip
      .clone()
      .sub(new Vector3(...line[end - 1]!))
      .normalize();
    this.needle.quaternion.copy(new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), way));
    this.needle.position.copy(tip.add(way.multiplyScalar(NEEDLE_MM / 2)));
  }

  /** The thread of all steps in one, as a tube and as a line, and where each step lies in them. */
  private laid(): [BufferGeometry, BufferGeometry] {
    const tubes: Told[] = [];
    const line: number[] = [];
    let [from, startMm] = [0, 0];
    for (const { step, points: told } of this.space.thread) {
      const all = points(told);
      const one = tube(all, this.space.threadMm, this.sides, startMm);
      startMm += length(all);
      tubes.push(one);
      const range = { from: line.length / 3, count: 0 };
      const few = all.filter((_, i) => i === 0 || i === all.length - 1 || i % 2 === 0);
      let last = few[0];
      for (const p of few) {
        if (last && (p === few[few.length - 1] || apart(p, last) > LINE_MM)) {
          line.push(...last, ...p);
          last = p;
        }
      }
      range.count = line.length / 3 - range.from;
      this.steps.set(step, { tube: { from, count: one.indices.length }, line: range, points: all });
      from += one.indices.length;
    }
    const tubed = new BufferGeometry();
    write(tubed, merged(tubes));
    const lined = new BufferGeometry();
    lined.setAttribute('position', new BufferAttribute(new Float32Array(line), 3));
    return [tubed, lined];
  }
}

/** Another part of the same. */
function sharing(geometry: BufferGeometry): BufferGeometry {
  const other = new BufferGeometry();
  other.attributes = geometry.attributes;
  other.setIndex(geometry.index);
  return other;
}
