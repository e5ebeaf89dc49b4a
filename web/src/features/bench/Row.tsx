import { Button } from 'antd';
import { Link } from 'react-router';
import type { BookCard } from '../../api/client';
import { StandingBook } from '../../drawing/StandingBook';
import { Measure } from '../../units/Measure';

export interface Acts {
  copy: (book: BookCard) => Promise<void>;
  remove: (book: BookCard) => Promise<void>;
  put: (book: BookCard, onShelf: boolean) => Promise<void>;
}

interface Props {
  name: string;
  books: readonly BookCard[];
  /** How many there are, shown or not. */
  all: number;
  /** Shows some that are not shown yet; nothing where all are. */
  more?: (() => void) | undefined;
  scale: number;
  acts: Acts;
  shelf?: boolean;
  empty?: string;
}

const WORDS: Record<BookCard['stage'], string> = {
  PURPOSE: 'Purpose',
  PAPER: 'Paper',
  GATHER: 'Gather',
  PAGES: 'Pages',
  STATIONS: 'Stations',
  TEMPLATE: 'Template',
  THREAD: 'Thread',
  SEW: 'Sew',
  COVER: 'Cover',
  FINISH: 'Finish',
};

/** Where a book is gone on with. */
function place(book: BookCard): string {
  return `/books/${book.id}/${book.finished ? 'finish' : book.stage.toLowerCase()}`;
}

/** Books side by side on one line, to one scale. */
export function Row({ name, books, all, more, scale, acts, shelf, empty }: Props) {
  return (
    <section className={shelf ? 'row row-shelf' : 'row'} aria-label={name}>
      {books.length === 0 && <p className="row-empty">{empty}</p>}
      <ul>
        {books.map((book) => (
          <li key={book.id}>
            <Link to={place(book)} className="row-book" aria-label={`${book.name}, open`}>
              <StandingBook {...book} thread={book.spineThread} front={book.frontThread} scale={scale} />
            </Link>
            <div className="row-words">
              <h2>
                <Link to={place(book)}>{book.name}</Link>
              </h2>
              <p className="row-size">
                <Measure of={book.size} />
              </p>
              <p className="row-next">
                {!book.finished && <span className="row-stage">{WORDS[book.stage]}: </span>}
                <Measure of={book.next} />
              </p>
              <p className="row-acts">
                <Button type="link" size="small" onClick={() => void acts.copy(book)} aria-label={`Copy ${book.name}`}>
                  Copy
                </Button>
                <Button
                  type="link"
                  size="small"
                  onClick={() => void acts.put(book, !book.onShelf)}
                  aria-label={book.onShelf ? `Take ${book.name} to the bench` : `Put ${book.name} on the shelf`}
                >
                  {book.onShelf ? 'Take to the bench' : 'Put on the shelf'}
                </Button>
                <Button
                  type="link"
                  size="small"
                  onClick={() => void acts.remove(book)}
                  aria-label={`Remove ${book.name}`}
                >
                  Remove
                </Button>
              </p>
            </div>
          </li>
        ))}
      </ul>
      {more && (
        <p className="row-more">
          <span>
            {books.length} of {all} books, the last changed first
          </span>
          <Button onClick={more}>Show more</Button>
        </p>
      )}
    </section>
  );
}
