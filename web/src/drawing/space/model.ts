import { BufferGeometry, Group, LineSegments, Mesh, Plane, Vector3, type MeshLambertMaterial } from 'three';
import type { components } from '../../api/generated/schema';
import { bundled, hingeAt, opened, uncovered, type Hinge, type Profile } from './bend';
import { inSpace } from './camera';
import { Flats, type CoverSeen } from './flats';
import { material, write } from './geometry';
import { bends, flat, merged, type Mesh as Told, type Reach } from './mesh';
import { Strand } from './strand';
import { DRESSED, UNSEWN } from './parts';
import { points, tube } from './tube';

export type Space = components['schemas']['SpaceView'];

/** What everything is coloured with, as the page has it. */
export interface Colours {
  papers: readonly string[];
  /** What a soft cover is made of. */
  cover: string;
  board: string;
  cloth: string;
  /** Paper on boards. */
  side: string;
  endpaper: string;
  tape: string;
  thread: string;
  live: string;
  hole: string;
  needle: string;
}

const HOLE_SIDES = 12;
/** So many points on either side of a fold can be seen between signatures. */
const AT_FOLD = 6;
/** What lies on a page is a little darker: paper on the same paper is told by its edges alone, and from above those are not seen. */
const PASTED_LIGHT = 0.88;

/** More sheets than this are drawn as whole signatures where much moves on a slow machine. */
const MANY_SHEETS = 150;

/** The book as shapes in space that a graphics library draws or writes to a file. */
export class Model {
  readonly group = new Group();
  private readonly flats = new Flats(this.group);
  private readonly strand: Strand;
  private readonly holes: Mesh;
  /** The middle of the closed book, through it. */
  private readonly middleMm: number;
  /** The opening; 0 closed. */
  private at = 0;
  private hinge: Hinge | null = null;
  private far = 0;
  private upTo = Infinity;
  private cutMm = -Infinity;
  private leastMm = 0;
  private seen: CoverSeen = 'whole';

  constructor(
    readonly space: Space,
    colours: Colours,
  ) {
    this.group.scale.set(...inSpace([1, 1, 1]));
    const profiles = space.profiles;
    const across = profiles.flatMap((one) => one.across.filter((_, i) => i % 2 === 0));
    this.middleMm = (Math.min(...across) + Math.max(...across)) / 2;
    const sheets = profiles.filter((one) => one.part === 'SHEET');
    const pasted = profiles.filter((one) => one.part === 'PASTED');
    const many = space.folded && sheets.length > MANY_SHEETS;
    const nests = many ? bundled(sheets) : [];
    colours.papers.forEach((colour, paper) => {
      // more papers than colours begin again
      const of = (all: readonly Profile[]) => all.filter((one) => one.paper % colours.papers.length === paper);
      const name = `paper ${paper + 1}`;
      this.flats.add(name, of(sheets), colour, { when: many ? 'whole' : 'always' });
      this.flats.add(`${name}, signatures`, of(nests), colour, { when: 'not whole' });
      this.flats.add(`${name}, pasted on`, of(pasted), colour, { when: 'always' });
    });
    for (const { name, parts, colour, over } of DRESSED) {
      this.flats.add(
        name,
        profiles.filter((one) => parts.includes(one.part)),
        colours[colour],
        { over },
      );
    }
    this.holes = new Mesh(new BufferGeometry(), material(colours.hole));
    this.strand = new Strand(space, colours);
    this.holes.name = 'holes';
    this.holes.frustumCulled = false;
    this.group.add(this.holes, ...this.strand.shapes);
    this.lay();
    this.pierce();
    this.sew(space.thread.length, 1);
  }

  /** Radius of a ball about the middle that holds all of the book, as far as it is open. */
  get radius(): number {
    if (this.space.backToBack) {
      return Math.hypot(this.space.heightMm, 2.1 * this.space.widthMm) / 2 + 12;
    }
    return Math.hypot(this.space.heightMm, this.space.widthMm * (1.15 + 0.95 * this.far)) / 2 + 12;
  }

  /** The middle of the book, as far as it is open: along the spine, through the book, out of the spine. */
  get middle(): [number, number, number] {
    if (this.space.backToBack) {
      return [this.space.heightMm / 2, this.middleMm, 0];
    }
    const [y, far] = [this.hinge?.y ?? this.middleMm, this.far];
    return [
      this.space.heightMm / 2,
      this.middleMm + (y - this.middleMm) * far,
      (-this.space.widthMm / 2) * (1 - 0.85 * far),
    ];
  }

  /** Openings there are: signatures, or gaps between single leaves. */
  get openings(): number {
    const sheets = this.space.profiles.filter((one) => one.part === 'SHEET').length;
    return this.space.folded ? this.space.signatures : Math.max(0, sheets - 1);
  }

  get covered(): boolean {
    return this.flats.has('cover') || this.wrapped;
  }

  /** Whether something loose lies over its cover. */
  get wrapped(): boolean {
    return this.flats.has('wrapper');
  }

  /** Opens it in the middle of a signature, so far; 0 closes it. */
  open(at: number, far: number): void {
    if (at !== this.at || far !== this.far) {
      this.at = at;
      this.hinge = at === 0 ? null : hingeAt(this.space, at);
      this.far = this.hinge ? far : 0;
      this.lay();
    }
  }

  /** What hands have so far: so many signatures, and of the cover what is sewn on with them; all of it where nothing is said. */
  held(signatures: number | null): void {
    const upTo = signatures ?? Infinity;
    if (upTo !== this.upTo) {
      this.upTo = upTo;
      this.lay();
      this.pierce();
    }
  }

  /** Everything flat lies otherwise from now on. */
  private lay(): void {
    this.flats.spoil();
    this.draw();
  }

  /** Draws what is seen anew where it is not as the book lies now. */
  private draw(): void {
    const there = ({ part, signature, toMm }: Profile) =>
      signature <= this.upTo && toMm > this.cutMm && (this.upTo === Infinity || signature > 0 || !UNSEWN.has(part));
    const bare = uncovered(this.space, this.hinge, this.upTo);
    this.flats.draw((profiles) => merged(profiles.filter(there).map((one) => this.shell(one, bare(one)))));
  }

  /** Holes are where they are however far the book is open. */
  private pierce(): void {
    const there = this.space.holes.filter((hole) => hole.signature <= this.upTo && hole.ends[0]! >= this.cutMm);
    write(this.holes.geometry, merged(there.map((hole) => tube(points(hole.ends), hole.wideMm, HOLE_SIDES))));
  }

  /** So many moves are sewn, the last of them so far, from 0 to 1. */
  sew(moves: number, far: number): void {
    this.strand.sew(moves, far);
  }

  /**
   * Whether all of it is drawn as it is: while much moves on a slow machine, a signature is one thing, thread is a line and holes are left
   * out.
   */
  fine(whole: boolean): void {
    this.flats.whole = whole;
    this.draw();
    this.strand.fine(whole);
    this.holes.visible = whole || !this.strand.many;
  }

  /** Draws the thread no thinner than that; under a loose wrapper, that lies on it, as thick as it is. */
  atLeast(thickMm: number): void {
    this.leastMm = thickMm;
    this.strand.atLeast(this.wrapped && this.seen === 'whole' ? 0 : thickMm);
  }

  cover(seen: CoverSeen): void {
    this.seen = seen;
    this.flats.cover(seen);
    this.atLeast(this.leastMm);
  }

  /** Cuts away all between the head and there; nothing where it is whole. */
  cut(xMm: number | null): void {
    const cutMm = xMm ?? -Infinity;
    if (cutMm !== this.cutMm) {
      this.cutMm = cutMm;
      this.strand.cut(xMm === null ? [] : [new Plane(new Vector3(1, 0, 0), -xMm)]);
      this.lay();
      this.pierce();
    }
  }

  /** Gives back what the graphics hold. */
  dispose(): void {
    this.group.traverse((one) => {
      if (one instanceof Mesh || one instanceof LineSegments) {
        (one.geometry as BufferGeometry).dispose();
        (one.material as MeshLambertMaterial).dispose();
      }
    });
  }

  private shell(profile: Profile, whole: boolean): Told {
    const all = opened(profile, this.hinge, this.far);
    const near = whole ? all.length : this.space.folded ? AT_FOLD : 0;
    const [low, high] = [profile.turn - near, profile.turn + near];
    const there = bends(all, (i) => i === low || i === high || profile.cuts.length > 0);
    const seen = {
      first: there.findIndex((i) => i >= low),
      last: there.length - 1 - [...there].reverse().findIndex((i) => i <= high),
    };
    const points = there.map((i) => all[i]!);
    const light = profile.part === 'PASTED' ? PASTED_LIGHT : 1;
    const reach = there.map((i): Reach => {
      const to = profile.toMm - (profile.cuts[2 * i + 1] ?? 0);
      return [Math.min(to, Math.max(profile.fromMm + (profile.cuts[2 * i] ?? 0), this.cutMm)), to];
    });
    return flat(points, profile.thickMm, reach, seen, light);
  }
}
