import type { Profile } from './bend';
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
]);

/** What lies round the sheets, and the colour of each; a cover may be seen through and taken off. */
export const DRESSED: readonly {
  name: string;
  parts: readonly Part[];
  colour: Exclude<keyof Colours, 'papers'>;
  cover: boolean;
}[] = [
  { name: 'endpapers', parts: ['ENDPAPER', 'PASTEDOWN'], colour: 'endpaper', cover: false },
  { name: 'cloth joints', parts: ['CLOTH_JOINT'], colour: 'cloth', cover: false },
  { name: 'soft cover', parts: ['SOFT_COVER', 'FLAP'], colour: 'cover', cover: true },
  { name: 'plates', parts: ['PLATE'], colour: 'board', cover: true },
  { name: 'boards in paper', parts: ['BOARD_IN_PAPER'], colour: 'side', cover: true },
  { name: 'boards in cloth', parts: ['BOARD_IN_CLOTH', 'STRIP', 'SPINE_PIECE'], colour: 'cloth', cover: true },
  { name: 'cloth', parts: ['CLOTH'], colour: 'cloth', cover: true },
  { name: 'tapes', parts: ['TAPE', 'CORD'], colour: 'tape', cover: false },
];
