import type { Look } from './camera';
import type { CoverSeen } from './flats';

const COVERS: Record<CoverSeen, string> = {
  whole: 'the cover whole',
  unwrapped: 'without its wrapper',
  through: 'the cover see-through',
  off: 'without its cover',
};

/** The same where it is chosen. */
export const COVER_CHOICES: Record<CoverSeen, string> = {
  whole: 'whole',
  unwrapped: 'without wrapper',
  through: 'see-through',
  off: 'off',
};

/** Where the eye is, in words. */
export function from(look: Look, backToBack = false): string {
  if (look.tilt > 1) {
    return 'from the head';
  }
  if (look.tilt < -1) {
    return 'from the tail';
  }
  const round = ((look.round % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
  const quarter = Math.round(round / (Math.PI / 4)) % 8;
  const names = backToBack ? LYING : CLOSED;
  return names[quarter]!;
}

const CLOSED = [
  'from the spine',
  'from spine and back',
  'from the back',
  'from fore edge and back',
  'from the fore edge',
  'from fore edge and front',
  'from the front',
  'from spine and front',
];

/** Of a book that lies open on the table, its first section to the one side. */
const LYING = [
  'from the side of the second section',
  'from above, the second section nearer',
  'from above',
  'from above, the first section nearer',
  'from the side of the first section',
  'from beneath, the first section nearer',
  'from beneath',
  'from beneath, the second section nearer',
];

/** What is seen, in words. */
export function told(
  seen: { look: Look; open: number; cover: CoverSeen; cut: number },
  book: { folded: boolean; backToBack: boolean; covered: boolean; sewn: number; moves: number },
): string {
  const parts = [`Seen ${from(seen.look, book.backToBack)}`];
  if (seen.open > 0) {
    parts.push(book.folded ? `open inside signature ${seen.open}` : `open after leaf ${seen.open}`);
  } else {
    parts.push('closed');
  }
  if (book.covered) {
    parts.push(COVERS[seen.cover]);
  }
  if (seen.cut > 0) {
    parts.push(`cut through at station ${seen.cut}`);
  }
  parts.push(book.sewn >= book.moves ? 'sewn to the end' : `${book.sewn} of ${book.moves} moves sewn`);
  return parts.join(', ');
}
