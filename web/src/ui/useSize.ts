import { useEffect, useState, type RefObject } from 'react';

/** Width and height of an element in CSS pixels, kept true while it is resized. */
export function useSize(element: RefObject<HTMLElement | null>): { width: number; height: number } {
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    if (!element.current) {
      return;
    }
    const observer = new ResizeObserver(([entry]) => {
      if (entry) {
        setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
      }
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [element]);
  return size;
}
