import { Button } from 'antd';
import type { CSSProperties } from 'react';
import { Link } from 'react-router';
import type { BookCard } from '../../api/client';
import { OnBench } from '../../drawing/bench/OnBench';
import { Measure } from '../../units/Measure';
import { BookActs, type Acts } from './Acts';
import { bookPlace, stageName } from './words';

interface Props {
  books: readonly BookCard[];
  /** How many there are, shown or not. */
  all: number;
  /** Shows some that are not shown yet; nothing where all are. */
  more?: (() => void) | undefined;
  scale: number;
  /** Least width of a book's place, CSS pixels. */
  place: number;
  acts: Acts;
  /** One book has the table to itself. */
  alone: boolean;
}

/** Books in work on the table, to one scale: each lies or stands as far as it is made, what to do next under it. */
export function Table({ books, all, more, scale, place, acts, alone }: Props) {
  return (
    <section className={alone ? 'table table-alone' : 'table'} aria-label="Table">
      <ul style={{ '--place': `${place}px` } as CSSProperties}>
        {books.map((book) => (
          <li key={book.id}>
            <Link to={bookPlace(book)} className="table-book" aria-label={`${book.name}, open`} tabIndex={-1}>
              <OnBench book={book.looks} scale={scale} />
            </Link>
            <div className="table-words">
              <h2>
                <Link to={bookPlace(book)}>{book.name}</Link>
              </h2>
              <p className="table-next">
                {!book.finished && <b>{stageName(book.stage)}</b>} <Measure of={book.next} />
              </p>
              <div className="table-foot">
                <span>
                  <Measure of={book.size} />
                </span>
                <BookActs book={book} acts={acts} />
              </div>
            </div>
          </li>
        ))}
      </ul>
      {books.some((book) => book.looks.made !== 'BOUND') && (
        <p className="table-note">Dashed: planned, not made yet. All are drawn to one scale.</p>
      )}
      {more && (
        <p className="table-more">
          <span>
            {books.length} of {all} books, the last changed first
          </span>
          <Button onClick={more}>Show more</Button>
        </p>
      )}
    </section>
  );
}
