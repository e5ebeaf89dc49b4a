import type { components } from '../../api/generated/schema';
import { unfolded } from './unfold';

/** What is flat in a book, as the server tells it; see there. */
export type Profile = components['schemas']['ProfileView'];

/** What of a book says where it opens. */
type Lying = Pick<components['schemas']['SpaceView'], 'profiles' | 'holes' | 'folded' | 'backToBack'>;

/** A point across the book: through it from the front, and out of the spine. */
export type Across = [y: number, z: number];

/** About which line the book is opened: the inside of a fold, or between two leaves. */
export interface Hinge {
  /** The signature that is opened in its middle; 0 of a block of single sheets. */
  signature: number;
  y: number;
  z: number;
  /** Where a section lies back to back with another: which way its leaves go from the hinge. Only they turn, and only the upper ones. */
  alone?: 1 | -1;
  /** Where boards begin and end, z: they stay straight, and so does what is glued on them. */
  board?: { near: number; far: number };
  /** The flap that goes on from the back and over the front: what lies in it is laid out with it. */
  flap?: Across[];
}

/** Leaves bend over so many mm beyond the hinge, in so many straight parts. */
const BEND_MM = 18;
const PARTS = 36;
/** Leaves turn by a right angle to either side; those of a section that lies on the table are laid over. */
const RIGHT = Math.PI / 2;
const OVER = 0.85 * Math.PI;

const isBoard = (part: Profile['part']) => part === 'BOARD_IN_CLOTH' || part === 'BOARD_IN_PAPER';
const onBoard = (part: Profile['part']) => part === 'CLOTH' || part === 'PASTEDOWN' || part === 'WRAPPER';

/** Whether a point goes with the front, with the back, or stays. */
export function side(profile: Profile, point: number, hinge: Hinge): -1 | 0 | 1 {
  const { part, signature, turn } = profile;
  if (hinge.alone) {
    return signature === hinge.signature && point > turn ? 1 : 0;
  }
  if (part === 'SPINE_PIECE') {
    return 0;
  }
  if (isBoard(part)) {
    // whole: a book is often thinner at the fore edge than at the spine, where a board is on its side of every signature
    return profile.across[profile.across.length - 2]! < hinge.y ? -1 : 1;
  }
  if (hinge.signature === 0) {
    return profile.across[2 * point]! < hinge.y ? -1 : 1;
  }
  if (signature !== 0 && signature !== hinge.signature) {
    return signature < hinge.signature ? -1 : 1;
  }
  return point === turn ? 0 : point < turn ? -1 : 1;
}

/** How far of the whole way a leaf has turned so deep beyond the hinge: at once at the hinge, then less and less. */
export function share(depthMm: number): number {
  const t = Math.max(0, Math.min(1, depthMm / BEND_MM));
  return 1 - (1 - t) ** 2;
}

/** A line that leaves the hinge into the book and bends aside by that angle: where it is so deep along it, and which way it goes there. */
function bent(depthMm: number, angle: number): { y: number; z: number; turn: number } {
  const bend = Math.min(depthMm, BEND_MM);
  let [y, z] = [0, 0];
  for (let part = 0; part < PARTS; part++) {
    const turn = angle * share(((part + 0.5) / PARTS) * bend);
    y += (Math.sin(turn) * bend) / PARTS;
    z -= (Math.cos(turn) * bend) / PARTS;
  }
  const turn = angle * share(depthMm);
  const rest = Math.max(0, depthMm - BEND_MM);
  return { y: y + Math.sin(turn) * rest, z: z - Math.cos(turn) * rest, turn };
}

function middle({ across }: Profile): Across[] {
  return Array.from({ length: across.length / 2 }, (_, i): Across => [across[2 * i]!, across[2 * i + 1]!]);
}

/** A profile opened so far, from 0 to 1: at 1 its leaves lie at right angles to where they lay closed, as far from each other as then. */
export function opened(profile: Profile, hinge: Hinge | null, far: number): Across[] {
  const closed = middle(profile);
  if (!hinge || far === 0) {
    return closed;
  }
  const board = onBoard(profile.part) ? hinge.board : undefined;
  const points = profile.part === 'FLAP' && hinge.flap ? unfolded(closed, hinge.flap, far) : closed;
  return points.map(([y, z], i) => {
    const angle = side(profile, i, hinge) * far * (hinge.alone ? OVER : RIGHT);
    if (board && z < board.near) {
      const t = (z - board.near) / (board.far - board.near);
      const [from, to] = [placed(y, board.near, hinge, angle), placed(y, board.far, hinge, angle)];
      return [from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])];
    }
    return placed(y, z, hinge, angle);
  });
}

/** Where a point comes to lie whose leaf turns by so much beyond the hinge. */
function placed(y: number, z: number, hinge: Hinge, angle: number): Across {
  const out = hinge.alone ?? -1;
  const depth = out * (z - hinge.z);
  if (depth <= 0 || angle === 0) {
    return [y, z];
  }
  const line = bent(depth, angle);
  const off = y - hinge.y;
  return [hinge.y + line.y + off * Math.cos(line.turn), hinge.z - out * (line.z + off * Math.sin(line.turn))];
}

/** Where a book opens at a signature: at the inside of its innermost fold; where leaves are single, past what holds them. */
export function hingeAt({ profiles, holes, folded, backToBack }: Lying, signature: number): Hinge | null {
  const sheets = profiles.filter((one) => one.part === 'SHEET');
  if (!folded) {
    const leaf = sheets[Math.min(sheets.length, signature) - 1];
    return leaf && signature < sheets.length
      ? { signature: 0, y: leaf.across[0]! + leaf.thickMm / 2 + 1e-3, z: heldTo(profiles, holes), ...boards(profiles) }
      : null;
  }
  const inner = sheets.find((one) => one.signature === signature);
  if (!inner) {
    return null;
  }
  const [y, z] = [inner.across[2 * inner.turn]!, inner.across[2 * inner.turn + 1]!];
  const out = inner.across[1]! < z ? -1 : 1;
  const hinge = { signature, y, z: z + (out * inner.thickMm) / 2, ...boards(profiles), ...flap(profiles) };
  return backToBack ? { ...hinge, alone: out } : hinge;
}

/** The first told of it is the flap itself. */
function flap(profiles: readonly Profile[]): Pick<Hinge, 'flap'> {
  const first = profiles.find((one) => one.part === 'FLAP');
  return first ? { flap: middle(first) } : {};
}

/** How deep single leaves are held: to the innermost holes, or to where a strip of board ends. */
function heldTo(profiles: readonly Profile[], holes: Lying['holes']): number {
  const strips = profiles.filter((one) => one.part === 'STRIP');
  return Math.min(0, ...holes.map((hole) => hole.ends[2]!), ...strips.map((strip) => strip.across[1]!));
}

function boards(profiles: readonly Profile[]): Pick<Hinge, 'board'> {
  const board = profiles.find((one) => isBoard(one.part));
  return board ? { board: { far: board.across[1]!, near: board.across[board.across.length - 1]! } } : {};
}

/**
 * Of which things the whole faces can be seen: of all but the sheets that lie between others. Those that are not as high as the others lie
 * open beside them.
 */
export function uncovered(
  book: { profiles: readonly Profile[]; heightMm: number; folded: boolean },
  hinge: Hinge | null,
  upTo: number,
): (profile: Profile) => boolean {
  const sheets = book.profiles.filter((one) => one.part === 'SHEET' && one.signature <= upTo);
  const last = Math.max(...sheets.map((one) => one.signature));
  const unlike = sheets.some((one) => one.toMm - one.fromMm < book.heightMm - 0.01);
  const bare = new Set<Profile>();
  if (!book.folded) {
    const after = hinge ? sheets.findIndex((one) => one.across[0]! > hinge.y) : -1;
    [sheets[0], sheets[sheets.length - 1], sheets[after - 1], sheets[after]].forEach((one) => one && bare.add(one));
  } else {
    sheets.forEach((sheet, i) => {
      const { signature } = sheet;
      const outer = sheets[i + 1]?.signature !== signature;
      const inner = sheets[i - 1]?.signature !== signature;
      if ((outer && (signature === 1 || signature === last || unlike)) || (inner && signature === hinge?.signature)) {
        bare.add(sheet);
      }
    });
  }
  return (profile) => profile.part !== 'SHEET' || bare.has(profile);
}

/** Each signature as one thing: its middle sheet, as thick as all of them. */
export function bundled(sheets: readonly Profile[]): Profile[] {
  const nests = new Map<number, Profile[]>();
  for (const sheet of sheets) {
    nests.set(sheet.signature, [...(nests.get(sheet.signature) ?? []), sheet]);
  }
  return [...nests.values()].map((nest) => ({
    ...nest[Math.floor((nest.length - 1) / 2)]!,
    thickMm: nest.reduce((sum, sheet) => sum + sheet.thickMm, 0),
  }));
}
