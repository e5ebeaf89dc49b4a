import type { Looks } from '../../api/client';
import { standing } from './geometry';
import { StandingBook } from './StandingBook';

/** Room for lines at the edge. */
const EDGE = 2;

/** A book as it stands there when it is made; one that is not is drawn as with a pencil where that is said. */
export function PlannedBook({ book, scale, there = true }: { book: Looks; scale: number; there?: boolean }) {
  const { width, height } = standing(book.closed, scale);
  return (
    <svg
      width={width + 2 * EDGE}
      height={height + 2 * EDGE}
      viewBox={`${-EDGE} ${-EDGE} ${width + 2 * EDGE} ${height + 2 * EDGE}`}
      aria-hidden="true"
      className="on-bench"
    >
      <StandingBook book={book} scale={scale} there={there} />
    </svg>
  );
}
