import { Button } from 'antd';
import { Link } from 'react-router';
import type { BookCard } from '../../api/client';
import { OnBench } from '../../drawing/bench/OnBench';
import { BookActs, type Acts } from './Acts';
import { bookPlace } from './words';

interface Props {
  books: readonly BookCard[];
  all: number;
  /** Shows more, or nothing where all are shown. */
  more?: (() => void) | undefined;
  /** Shows as many as stand in one line again; nothing where no more do. */
  fewer?: (() => void) | undefined;
  scale: number;
  acts: Acts;
}

/** Finished books side by side, to the scale of the table below. */
export function Shelf({ books, all, more, fewer, scale, acts }: Props) {
  return (
    <section className="shelf" aria-label="Shelf">
      <ul>
        {books.map((book) => (
          <li key={book.id}>
            <Link to={bookPlace(book)} className="table-book" aria-label={`${book.name}, open`} tabIndex={-1}>
              <OnBench book={book.looks} scale={scale} />
            </Link>
            <div className="shelf-words">
              <h2>
                <Link to={bookPlace(book)}>{book.name}</Link>
              </h2>{' '}
              <BookActs book={book} acts={acts} />
            </div>
          </li>
        ))}
        {(more ?? fewer) && (
          <li className="shelf-more">
            <div className="shelf-words">
              {more && (
                <Button size="small" onClick={more}>
                  {all - books.length} more
                </Button>
              )}{' '}
              {fewer && (
                <Button size="small" onClick={fewer}>
                  One line
                </Button>
              )}
            </div>
          </li>
        )}
      </ul>
    </section>
  );
}
