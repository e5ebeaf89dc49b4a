import { Link } from 'react-router';
import type { DaysView } from '../../api/client';
import { useWords } from '../../units/unit';
import type { DayActs } from './Days';
import { Presses } from './Presses';

interface Props {
  next: NonNullable<DaysView['next']> | null;
  acts: DayActs;
}

/** What is done the next time at the bench, on all books, in its order. */
export function AtBench({ next, acts }: Props) {
  const words = useWords();
  if (!next) {
    return null;
  }
  return (
    <section aria-label="Next at the bench" className="at-bench">
      <h2>
        {next.today ? 'Today' : 'Next at the bench'}, {next.day}
      </h2>
      <ol>
        {next.items.map((item, i) => (
          <li key={`${item.book}-${item.key}-${i}`}>
            <span className="at-bench-time">
              {item.from} – {item.to}
            </span>
            <span className="at-bench-what">
              {/* a book is named where it is taken up */}
              {next.items[i - 1]?.book === item.book ? (
                <span aria-hidden="true" />
              ) : (
                <Link to={`/books/${item.book}`}>{item.name}</Link>
              )}
              <span>
                {words(item.words)}
                {item.lies && <em> (then it lies {item.lies})</em>}
              </span>
            </span>
            <Presses book={item.book} step={item.key} name={words(item.words)} state={item.state} acts={acts} />
          </li>
        ))}
      </ol>
    </section>
  );
}
