import type { KeyTable } from '../ui/keys';

/** Keys that act in every place but the sewing. */
export const FRAME_KEYS = {
  begin: { keys: ['n'], does: 'begin a new book' },
  find: { keys: ['/'], does: 'find a book' },
  unit: { keys: ['i'], does: 'mm or inches' },
  drawers: { keys: ['d'], does: 'drawers' },
  shopping: { keys: ['b'], does: 'shopping and cutting' },
  days: { keys: ['y'], does: 'days at the bench' },
  classes: { keys: ['c'], does: 'classes' },
  notebook: { keys: ['k'], does: 'notebook' },
  templates: { keys: ['t'], does: 'kept templates' },
  patterns: { keys: ['o'], does: 'own patterns' },
  caliper: { keys: ['m'], does: 'caliper at hand, or put away' },
  all: { keys: ['?'], does: 'these keys' },
} satisfies KeyTable;
