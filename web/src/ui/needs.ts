import type { BookDocument } from '../api/client';

type Need = BookDocument['use']['needs'][number];

/** What a book may have to do, as it is asked on every screen. */
export const NEEDS: { value: Need; label: string }[] = [
  { value: 'WRITE', label: 'to write in' },
  { value: 'WET_MEDIA', label: 'for wet media' },
  { value: 'PASTE_IN', label: 'things are pasted in' },
  { value: 'CARRY', label: 'to carry about' },
  { value: 'LIE_FLAT', label: 'must lie flat' },
  { value: 'LOOSE_SHEETS', label: 'the sheets are single' },
];
