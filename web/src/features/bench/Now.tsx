import { Link } from 'react-router';
import { useWords } from '../../units/unit';
import { useNow } from './useBench';

/** What is to be known when one comes to the bench: what is done next, where the thread was left, what runs short. */
export function Now() {
  const words = useWords();
  const now = useNow();
  if (!now) {
    return null;
  }
  const { next, left, lacking } = now;
  if (!next && left.length === 0 && lacking.first.length === 0) {
    return null;
  }
  return (
    <section className="now" aria-label="Now">
      {next && (
        <div>
          <h2>
            <Link to="/days">
              {next.today ? 'Today' : next.day}
              {next.more > 0 && `, ${next.items.length + next.more} things to do`}
            </Link>
          </h2>
          <ul>
            {next.items.map((item) => (
              <li key={`${item.book} ${item.key}`}>
                <span className="now-time">{item.from}</span> {words(item.words)}:{' '}
                <Link to={`/books/${item.book}`}>{item.name}</Link>
              </li>
            ))}
          </ul>
        </div>
      )}
      {left.length > 0 && (
        <div>
          <h2>The thread was left</h2>
          <ul>
            {left.map((one) => (
              <li key={one.book}>
                <Link to={`/books/${one.book}/sewing`}>{one.name}</Link>, move {one.move} of {one.moves}
              </li>
            ))}
          </ul>
        </div>
      )}
      {lacking.first.length > 0 && (
        <div>
          <h2>
            <Link to="/shopping">
              Runs short
              {lacking.more > 0 && `, ${lacking.first.length + lacking.more} things to get`}
            </Link>
          </h2>
          <ul>
            {lacking.first.map((one) => (
              <li key={one.name}>
                {one.name}: {one.lacks}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
