import { useState } from 'react';
import type { Stage } from '../api/client';
import { keep, kept } from '../browser/kept';

/** The book whose binder is told at every stage what hands do there. */
const GUIDED = 'guided';

/** A book is begun whose binder does so for the first time. */
export function guide(book: string): void {
  keep(GUIDED, book);
}

/** Whether the binder of this book is told what hands do, until that is put away for ever. */
export function useGuide(book: string) {
  const [on, setOn] = useState(() => kept(GUIDED) === book);
  return {
    on,
    putAway: () => {
      keep(GUIDED, null);
      setOn(false);
    },
  };
}

/** What hands do at each stage of a first pamphlet; figures are said by the plan. */
export const GUIDE: Record<Stage, string> = {
  PURPOSE:
    'What a book has to do settles how it is sewn. Yours is a pamphlet: sheets folded once, one thread through the fold.',
  PAPER: 'Any paper will do that folds well. Bend a sheet both ways: the fold runs the way it gives more easily.',
  GATHER: 'Fold each sheet once, rub the crease flat with the back of a spoon, and nest the sheets into each other.',
  PAGES: 'In one fold the pages are in order as soon as the sheets are nested.',
  STATIONS: 'A station is where the thread goes through the fold. They lie as they should; nothing need be moved.',
  TEMPLATE:
    'Print it at full size, lay a ruler on its bar, cut the strip and lay it into the fold. Punch from the inside with an awl, on something soft, no finger behind it.',
  THREAD: 'Cut it as long as is said here, thread the needle, and draw it over wax once or twice.',
  SEW: 'The sewing shows one move at a time in large words, and keeps your place.',
  COVER: 'A pamphlet’s cover is sewn on with its sheets; look how it sits.',
  FINISH: 'Close it, lay it under a weight overnight, and it is a book.',
};

/** What is told while it is sewn. */
export const GUIDE_SEWING =
  'Do what the large words say, then press Space or “Next move”. Lost the place? “I am somewhere else” finds the way back.';

/** The press that opens the sewing. */
export const SEW_PRESS = 'Sew, move by move';
