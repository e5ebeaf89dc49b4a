import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';

/** Of a view, this share is gone on by, so that something seen stays seen. */
const ON = 0.8;

/** Width of the buttons that lie over the ends of the row, px; the style has it as --band-more. */
export const BUTTON = 92;

function atEnd(row: HTMLElement): boolean {
  return row.scrollLeft + row.clientWidth >= row.scrollWidth - 1;
}

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
    const room = row.scrollWidth > row.clientWidth + 1 ? BUTTON : 0;
    let before = 0;
    let after = 0;
    for (const item of row.children) {
      const box = item.getBoundingClientRect();
      const hiddenBefore = box.left < seen.left - 1 + (row.scrollLeft > 1 ? room : 0);
      const hiddenAfter = box.right > seen.right + 1 - (atEnd(row) ? 0 : room);
      before += hiddenBefore ? 1 : 0;
      after += hiddenAfter ? 1 : 0;
      item.toggleAttribute('data-out', hiddenBefore || hiddenAfter);
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
