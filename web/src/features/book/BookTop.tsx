import { Button } from 'antd';
import { Link, NavLink } from 'react-router';
import { useSession } from '../../state/useSession';
import { COPIES } from '../../ui/stages';

/** The book's name, whether all is kept, and the way back and forth through its changes. */
export function BookTop() {
  const { session, state } = useSession();
  const { undo, redo } = state.view;
  const still = state.keeping.kind !== 'kept';
  return (
    <div className="book-top">
      <Link to="/" className="book-back">
        Bench
      </Link>
      <h1>{state.document.name}</h1>
      {state.document.use.copies > 1 && (
        <NavLink to={`/books/${state.view.id}/${COPIES}`} className="top-copies">
          {state.document.use.copies} copies
        </NavLink>
      )}
      <Kept />
      <div className="book-turns">
        <Button
          size="small"
          className={undo ? '' : 'book-turn-none'}
          disabled={!undo || still}
          onClick={() => void session.undo()}
          title={undo ? `Undo: ${undo}` : ''}
        >
          <span>
            Undo
            {undo && <span className="book-turn-what">: {undo}</span>}
          </span>
        </Button>
        <Button
          size="small"
          className={redo ? '' : 'book-turn-none'}
          disabled={!redo || still}
          onClick={() => void session.redo()}
          title={redo ? `Do again: ${redo}` : ''}
        >
          Do again
        </Button>
      </div>
      {state.refusal && (
        <p className="book-refusal" role="alert">
          {state.refusal.message}
        </p>
      )}
    </div>
  );
}

function Kept() {
  const { state } = useSession();
  const { keeping } = state;
  switch (keeping.kind) {
    case 'kept':
      return (
        <p className="book-kept" role="status">
          Kept, revision {state.view.revision}
        </p>
      );
    case 'sending':
      return (
        <p className="book-kept" role="status">
          Keeping …
        </p>
      );
    case 'lost':
      return (
        <p className="book-kept book-lost" role="status">
          {keeping.message} {keeping.waiting === 1 ? 'One change waits' : `${keeping.waiting} changes wait`} here and
          will be sent when it does.
        </p>
      );
    case 'failed':
      return (
        <p className="book-kept book-lost" role="status">
          Not kept
        </p>
      );
    case 'conflict':
      return (
        <p className="book-kept book-lost" role="status">
          Not kept: changed in another window
        </p>
      );
  }
}
