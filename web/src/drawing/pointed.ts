import type { PointerEvent } from 'react';

/** Where a drawing lies in its SVG, CSS pixels, and how many of them make a millimetre. */
export interface DrawnAt {
  left: number;
  top: number;
  scale: number;
}

/** The place in a drawing that a pointer is at, mm from its upper left corner. */
export function pointedMm(event: PointerEvent<SVGElement>, { left, top, scale }: DrawnAt) {
  const svg = event.currentTarget.ownerSVGElement ?? event.currentTarget;
  const box = svg.getBoundingClientRect();
  return {
    rightMm: (event.clientX - box.left - left) / scale,
    downMm: (event.clientY - box.top - top) / scale,
  };
}

/** A length brought between two others. */
export function between(mm: number, leastMm: number, mostMm: number): number {
  return Math.min(mostMm, Math.max(leastMm, mm));
}
