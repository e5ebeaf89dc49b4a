import { Button } from 'antd';
import { useRef, useState } from 'react';
import type { BookCard } from '../../api/client';

export interface Acts {
  copy: (book: BookCard) => Promise<void>;
  remove: (book: BookCard) => Promise<void>;
  put: (book: BookCard, onShelf: boolean) => Promise<void>;
}

/** What is seldom done with a book on the bench; folded away until it is asked for. */
export function BookActs({ book, acts }: { book: BookCard; acts: Acts }) {
  const box = useRef<HTMLDetailsElement>(null);
  // two hundred books have six hundred presses that nobody sees: they are made when they are asked for
  const [asked, setAsked] = useState(false);
  const close = () => {
    if (box.current) {
      box.current.open = false;
    }
  };
  const act = (words: string, name: string, does: () => Promise<void>) => (
    <li>
      <Button
        type="text"
        size="small"
        aria-label={name}
        onClick={() => {
          close();
          void does();
        }}
      >
        {words}
      </Button>
    </li>
  );
  return (
    <details
      ref={box}
      className="more-acts"
      onToggle={(event) => setAsked(event.currentTarget.open)}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) {
          close();
        }
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          event.stopPropagation();
          close();
          box.current?.querySelector('summary')?.focus();
        }
      }}
    >
      <summary aria-label={`More to do with ${book.name}`}>More</summary>
      {asked && (
        <ul>
          {act('Copy', `Copy ${book.name}`, () => acts.copy(book))}
          {act(
            book.onShelf ? 'Take to the bench' : 'Put on the shelf',
            book.onShelf ? `Take ${book.name} to the bench` : `Put ${book.name} on the shelf`,
            () => acts.put(book, !book.onShelf),
          )}
          {act('Remove', `Remove ${book.name}`, () => acts.remove(book))}
        </ul>
      )}
    </details>
  );
}
