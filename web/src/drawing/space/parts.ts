import type { Profile } from './bend';
import type { Over } from './flats';
import type { Colours } from './model';

type Part = Profile['part'];

/** What comes on to a book once it is sewn, where it belongs to no signature. */
export const UNSEWN: ReadonlySet<Part> = new Set<Part>([
  'BOARD_IN_CLOTH',
  'BOARD_IN_PAPER',
  'SPINE_PIECE',
  'CLOTH',
  'CLOTH_JOINT',
  'ENDPAPER',
  'PASTEDOWN',
  'WRAPPER',
]);

/** What lies round the sheets, and the colour of each; a cover may be seen through and taken off. */
export const DRESSED: readonly {
  name: string;
  parts: readonly Part[];
  colour: Exclude<keyof Colours, 'papers'>;
  /** What of it may be taken off. */
  over?: Over;
}[] = [
  { name: 'endpapers', parts: ['ENDPAPER', 'PASTEDOWN'], colour: 'endpaper' },
  { name: 'cloth joints', parts: ['CLOTH_JOINT'], colour: 'cloth' },
  { name: 'soft cover', parts: ['SOFT_COVER', 'FLAP'], colour: 'cover', over: 'cover' },
  { name: 'plates', parts: ['PLATE'], colour: 'board', over: 'cover' },
  { name: 'boards in paper', parts: ['BOARD_IN_PAPER'], colour: 'side', over: 'cover' },
  { name: 'boards in cloth', parts: ['BOARD_IN_CLOTH', 'STRIP', 'SPINE_PIECE'], colour: 'cloth', over: 'cover' },
  { name: 'cloth', parts: ['CLOTH'], colour: 'cloth', over: 'cover' },
  { name: 'wrapper', parts: ['WRAPPER'], colour: 'side', over: 'wrapper' },
  { name: 'tapes', parts: ['TAPE', 'CORD'], colour: 'tape' },
];
