import { Button } from 'antd';
import { Link } from 'react-router';
import type { CopiesView } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import type { Copies } from './useCopies';

/** Copies that were spoilt, and what they need anew. */
export function Spoilt({ view, copies }: { view: CopiesView; copies: Copies }) {
  const { id } = useSession().state.view;
  const supplies = copies.supplies.data;
  if (view.spoilt.length === 0) {
    return null;
  }
  const anew = supplies?.anew ?? [];
  return (
    <section className="copies-anew" aria-label="Begun anew">
      <h2>Begun anew</h2>
      <ul>
        {view.spoilt.map((one) => (
          <li key={one.id}>
            Copy {one.copy}, spoilt before it was {one.at}.{' '}
            {one.act ? (
              'What it needs was taken.'
            ) : (
              <Button
                size="small"
                aria-label={`Copy ${one.copy} was not spoilt after all`}
                onClick={() => void copies.mend(one.id)}
              >
                Not spoilt after all
              </Button>
            )}
          </li>
        ))}
      </ul>
      {supplies && supplies.spoilt > 0 && (
        <>
          <p>
            {anew.length === 0
              ? 'What is spare serves for them.'
              : `Beyond what is spare they need ${anew.map((one) => `${one.amount} ${one.name}`).join(', ')}.`}
          </p>
          {anew.length > 0 && (
            <p className="acts">
              <Button size="small" onClick={() => void copies.takeAnew()}>
                Take it out of the drawers
              </Button>{' '}
              <Link to={`/shopping?book=${id}`}>What is to buy</Link>
            </p>
          )}
        </>
      )}
    </section>
  );
}
