import type { KeyTable } from '../../ui/keys';
import { STAGES } from '../../ui/stages';

/** Keys that act in a book, at every stage. */
export const BOOK_KEYS = {
  before: { keys: [','], does: 'stage before' },
  after: { keys: ['.'], does: 'stage after' },
  stage: { keys: STAGES.map((_, i) => String((i + 1) % 10)), shown: '1 to 9, 0', does: 'a stage, the tenth by 0' },
  working: { keys: ['w'], does: 'working of the figure in focus, or of the thread' },
  template: { keys: ['p'], does: 'template sheet' },
  undo: { keys: ['ctrl+z'], does: 'undo' },
  redo: { keys: ['ctrl+shift+z', 'ctrl+y'], does: 'do again' },
  close: { keys: ['escape'], does: 'close a working' },
} satisfies KeyTable;

/** Keys that act on the station, row or hole in focus. */
export const BOARD_KEYS = {
  move: {
    keys: ['arrowleft', 'arrowright', 'arrowup', 'arrowdown'],
    does: 'move the station, row or hole in focus; with Shift ten times as far',
  },
  remove: { keys: ['delete', 'backspace'], does: 'take out the station or hole in focus' },
} satisfies KeyTable;
