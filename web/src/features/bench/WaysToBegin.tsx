import { Button } from 'antd';
import { Link } from 'react-router';
import { WAYS, type Way } from './ways';

/** How a book is begun: from what is known of it first. */
export function WaysToBegin({ begin }: { begin: (way: Way) => void }) {
  return (
    <section className="ways" aria-label="Ways to begin">
      <h2>Begin a book from</h2>
      <ul>
        {WAYS.map(({ way, words, told }) => (
          <li key={way}>
            <Button type="link" onClick={() => begin(way)}>
              {words}
            </Button>
            <p>{told}</p>
          </li>
        ))}
        <li>
          <Link to="/templates">a kept template</Link>
          <p>Punch it with a strip that lies in the drawer.</p>
        </li>
      </ul>
    </section>
  );
}
