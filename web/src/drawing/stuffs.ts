import type { components } from '../api/generated/schema';

export type Stuff = components['schemas']['DyedView']['stuff'];
export type Dye = NonNullable<components['schemas']['DyedView']['dye']>;

/** Each stuff has a colour of its own, where its dye is not known. */
const STUFFS: Record<Stuff, string> = {
  BOARD: 'quiet',
  CARD: 'verdigris',
  CLOTH: 'indigo',
  LEATHER: 'madder',
  PAPER: 'weld',
  OPEN_CLOTH: 'indigo',
  RIBBON: 'indigo',
  CORD: 'indigo',
  HEADBAND: 'indigo',
};

const DYES: Record<Dye, string> = {
  UNDYED: 'rule',
  MADDER: 'madder',
  WELD: 'weld',
  VERDIGRIS: 'verdigris',
  INDIGO: 'indigo',
  PLUM: 'plum',
  ASH: 'quiet',
  SOOT: 'ink',
};

/** The colour, as the page names it, that something of a stuff is drawn in; nothing is drawn in it whole: it is mixed with paper. */
export function tokenOf(stuff: Stuff, dye?: Dye): string {
  return dye ? DYES[dye] : STUFFS[stuff];
}
