import type { KeyTable } from '../../ui/keys';

const BACK = ['backspace', 'arrowleft', 'pageup'];

/** Keys while sewing; a page-turn pedal sends the same. */
export const SEWING_KEYS = {
  next: { keys: [' ', 'enter', 'arrowright', 'pagedown'], does: 'next move' },
  back: { keys: BACK, does: 'one move back' },
  turn: { keys: ['f'], does: 'turn the work over' },
  speak: { keys: ['s'], does: 'speak the moves, where the browser has a voice' },
  unit: { keys: ['i'], does: 'mm or inches' },
  leave: { keys: ['escape'], does: 'leave; the place is kept' },
} satisfies KeyTable;

/** Keys while rehearsing. */
export const REHEARSAL_KEYS = {
  hole: { keys: ['1', '2', '3', '4', '5', '6', '7', '8', '9'], shown: '1 to 9', does: 'through that hole' },
  kettle: { keys: ['k'], does: 'a kettle stitch' },
  knot: { keys: ['t'], does: 'a knot' },
  show: { keys: ['h'], does: 'show the move, or hide it' },
  back: { keys: BACK, does: 'one move back' },
  turn: { keys: ['f'], does: 'turn the work over' },
  unit: { keys: ['i'], does: 'mm or inches' },
  leave: { keys: ['escape'], does: 'leave' },
} satisfies KeyTable;
