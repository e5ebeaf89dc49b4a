import { useEffect, useState, type RefObject } from 'react';

/** Whether a place was in sight, or nearly, since it is there: what stands far below is fetched when somebody comes to it. */
export function useSeen(place: RefObject<HTMLElement | null>) {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    const element = place.current;
    if (!element || seen) {
      return undefined;
    }
    const watch = new IntersectionObserver((entries) => setSeen(entries.some((entry) => entry.isIntersecting)), {
      rootMargin: '40px',
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, [place, seen]);
  return seen;
}
