/** What a binder knows of a book first. */
export type Way = 'count' | 'purpose' | 'paper' | 'first';

interface WayWords {
  way: Way;
  words: string;
  /** What is asked and shown then. */
  told: string;
}

export const WAYS: readonly WayWords[] = [
  { way: 'count', words: 'pages and a size', told: 'Say how many pages, how large, on what paper.' },
  { way: 'purpose', words: 'what it is for', told: 'Say what it has to do; the structures that do it are shown.' },
  {
    way: 'paper',
    words: 'paper in hand',
    told: 'Say what sheets lie there; the books that come out of them are shown.',
  },
  {
    way: 'first',
    words: 'nothing yet: a first pamphlet',
    told: 'Be shown the way, stage by stage, from the sheet to the knot.',
  },
];

/** The way of that name; the first where there is none. */
export function wayNamed(name: string | null): Way {
  return WAYS.find(({ way }) => way === name)?.way ?? 'count';
}
