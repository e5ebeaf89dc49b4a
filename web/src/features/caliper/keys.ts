import type { KeyTable } from '../../ui/keys';

/** A function key works while the cursor is in the field that takes the reading. */
export const CALIPER_KEYS = {
  read: { keys: ['f8'], shown: 'F8', does: 'read the caliper, also while typing' },
} satisfies KeyTable;
