import type { Looks } from '../../api/client';
import { extent, inFront, standing } from './geometry';
import { FlatSheets, LyingBlock } from './LyingPile';
import { StandingBook } from './StandingBook';

/** Room for lines at the edge. */
const EDGE = 2;

/** A book on the bench: what is made of it lies or stands there; what is only planned stands behind, as with a pencil. */
export function OnBench({ book, scale }: { book: Looks; scale: number }) {
  const { width, height } = extent(book, scale);
  const lies = inFront(book, scale);
  const stands = standing(book.closed, scale);
  const foot = height - (lies?.away.y ?? 0);
  return (
    <svg
      width={width + 2 * EDGE}
      height={height + EDGE}
      viewBox={`${-EDGE} ${-EDGE} ${width + 2 * EDGE} ${height + EDGE}`}
      aria-hidden="true"
      className="on-bench"
    >
      <g transform={`translate(${lies?.away.x ?? 0} ${foot - stands.height})`}>
        <StandingBook book={book} scale={scale} there={book.made === 'BOUND'} />
      </g>
      {lies && (
        <g transform={`translate(0 ${height - lies.height})`}>
          {book.made === 'CUT' ? <FlatSheets book={book} scale={scale} /> : <LyingBlock book={book} scale={scale} />}
        </g>
      )}
    </svg>
  );
}
