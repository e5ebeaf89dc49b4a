import { Link } from 'react-router';
import type { DrawerView, ThingView } from '../../api/client';

/** Where a book says what it took from a drawer; of needles it takes only a measure. */
const TAKEN_AT: Partial<Record<DrawerView['drawer'], string>> = {
  PAPERS: 'paper',
  THREADS: 'thread',
  BOARDS: 'cover',
  COVERS: 'cover',
};
/** More names than these make a line hard to read. */
const NAMED = 2;

/** The books that a thing is used in; of many, how many more. */
export function UsedIn({ drawer, thing }: { drawer: DrawerView['drawer']; thing: ThingView }) {
  const at = TAKEN_AT[drawer];
  const named = thing.usedIn.slice(0, NAMED);
  const more = thing.usedIn.slice(NAMED);
  const link = (book: ThingView['usedIn'][number]) => (
    <Link key={book.id} to={`/books/${book.id}/${at ?? 'purpose'}`}>
      {book.name}
    </Link>
  );
  return (
    <span className="used-in">
      {named.map(link)}
      {more.length > 0 && (
        <details>
          <summary>{more.length} more</summary>
          {more.map(link)}
        </details>
      )}
    </span>
  );
}
