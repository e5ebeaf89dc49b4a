import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';

/** Of a view, this share is gone on by, so that something seen stays seen. */
const ON = 0.8;

interface More {
  list: RefObject<HTMLUListElement | null>;
  /** Items that lie out of sight before and after what is seen, those cut off counted too. */
  before: number;
  after: number;
  back: () => void;
  on: () => void;
}

/**
 * Says how many items of a row that scrolls sideways are out of sight, and brings them in.
 *
 * @param items how many there are
 * @param place begins anew at the first where this changes
 */
export function useMore(items: number, place: string): More {
  const list = useRef<HTMLUListElement>(null);
  const [out, setOut] = useState({ before: 0, after: 0 });
  const look = useCallback(() => {
    const row = list.current;
    if (!row) {
      return;
    }
    const seen = row.getBoundingClientRect();
    let before = 0;
    let after = 0;
    for (const item of row.children) {
      const box = item.getBoundingClientRect();
      before += box.left < seen.left - 1 ? 1 : 0;
      after += box.right > seen.right + 1 ? 1 : 0;
    }
    setOut((was) => (was.before === before && was.after === after ? was : { before, after }));
  }, []);
  useEffect(() => {
    list.current?.scrollTo({ left: 0 });
  }, [place]);
  useEffect(() => {
    const row = list.current;
    if (!row) {
      return;
    }
    look();
    const watch = new ResizeObserver(look);
    watch.observe(row);
    for (const item of row.children) {
      watch.observe(item);
    }
    row.addEventListener('scroll', look, { passive: true });
    return () => {
      watch.disconnect();
      row.removeEventListener('scroll', look);
    };
  }, [items, place, look]);
  const by = (share: number) => () => {
    const row = list.current;
    row?.scrollBy({ left: share * row.clientWidth });
  };
  return { list, ...out, back: by(-ON), on: by(ON) };
}
