import { BufferGeometry, Mesh, type Group, type MeshLambertMaterial } from 'three';
import type { Profile } from './bend';
import { Dull, material, write } from './geometry';
import type { Mesh as Told } from './mesh';

/** How what lies round the sheets is seen: all of it; without what lies loose over it; so and see-through; or not at all. */
export type CoverSeen = 'whole' | 'unwrapped' | 'through' | 'off';

/** What may be taken off the sheets. */
export type Over = 'cover' | 'wrapper';

/** Flat things of one colour. */
interface Flat {
  mesh: Mesh;
  profiles: readonly Profile[];
  over: Over | undefined;
  /** Whether it is seen while all is drawn as it is, while not, or always. */
  when: 'always' | 'whole' | 'not whole';
  /** What is drawn is not as the book lies now. */
  stale: boolean;
}

/** All that is flat in a book, drawn as far as it is seen and only where it does not lie any more as it was drawn. */
export class Flats {
  /** Whether all is drawn as it is. */
  whole = true;
  private readonly all: Flat[] = [];

  constructor(private readonly group: Group) {}

  /** Flat things of one colour under a name; nothing where there are none. */
  add(
    name: string,
    profiles: readonly Profile[],
    colour: string,
    { over, when = 'always' }: Partial<Pick<Flat, 'over' | 'when'>> = {},
  ): void {
    if (profiles.length === 0) {
      return;
    }
    const mesh = new Mesh(new BufferGeometry(), over ? material(colour) : new Dull(colour));
    mesh.name = name;
    mesh.frustumCulled = false;
    this.all.push({ mesh, profiles, over, when, stale: true });
    this.group.add(mesh);
  }

  /** Whether there is anything of that. */
  has(what: Over): boolean {
    return this.all.some(({ over }) => over === what);
  }

  /** Everything lies otherwise from now on. */
  spoil(): void {
    for (const one of this.all) {
      one.stale = true;
    }
  }

  /** Draws what is seen where it is not as the book lies now. */
  draw(shape: (profiles: readonly Profile[]) => Told): void {
    for (const one of this.all) {
      const seen = one.when === 'always' || (one.when === 'whole') === this.whole;
      if (one.when !== 'always') {
        one.mesh.visible = seen;
      }
      if (seen && one.stale) {
        one.stale = false;
        write(one.mesh.geometry, shape(one.profiles));
      }
    }
  }

  cover(seen: CoverSeen): void {
    for (const { mesh, over } of this.all) {
      if (over) {
        const look = mesh.material as MeshLambertMaterial;
        mesh.visible = over === 'wrapper' ? seen === 'whole' : seen !== 'off';
        look.transparent = seen === 'through';
        look.opacity = seen === 'through' ? 0.22 : 1;
        look.depthWrite = seen !== 'through';
        look.needsUpdate = true;
        mesh.renderOrder = seen === 'through' ? 1 : 0;
      }
    }
  }
}
