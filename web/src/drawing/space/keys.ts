import type { KeyTable } from '../../ui/keys';

/** Keys of the book in space, while it has the focus. */
export const SPACE_KEYS = {
  left: { keys: ['arrowleft'], does: 'turn it to the left' },
  right: { keys: ['arrowright'], does: 'turn it to the right' },
  up: { keys: ['arrowup'], does: 'tilt its head towards you' },
  down: { keys: ['arrowdown'], does: 'tilt its tail towards you' },
  nearer: { keys: ['+', '='], shown: '+', does: 'nearer' },
  farther: { keys: ['-'], does: 'farther' },
  usual: { keys: ['w'], does: 'the whole book' },
  spine: { keys: ['b'], does: 'from the spine' },
  head: { keys: ['h'], does: 'from the head' },
  inside: { keys: ['v'], does: 'into the opening' },
  open: { keys: ['o'], does: 'open it at the next signature' },
  before: { keys: ['l'], does: 'open it at the one before' },
  close: { keys: ['c'], does: 'close it' },
  cover: { keys: ['k'], does: 'cover whole, without wrapper, see-through, off' },
  cut: { keys: ['x'], does: 'cut through at the next station, or whole again' },
} satisfies KeyTable;
