import type { KeyTable } from '../../ui/keys';

/** Keys at the front of a class; a page-turn pedal sends the same as at the bench. */
export const FRONT_KEYS = {
  next: { keys: [' ', 'enter', 'arrowright', 'pagedown'], does: 'next move' },
  back: { keys: ['backspace', 'arrowleft', 'pageup'], does: 'one move back' },
  last: { keys: ['l'], does: 'back to whoever is farthest behind' },
  turn: { keys: ['f'], does: 'turn the work over' },
  leave: { keys: ['escape'], does: 'leave; the place is kept' },
} satisfies KeyTable;
