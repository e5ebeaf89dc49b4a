import type { Extent } from '../../drawing/bench/geometry';

/** A finished book has so much room on the shelf, CSS pixels. */
const ON_SHELF = 150;
/** Narrower than this, and one book stands below the other. */
const NARROW = 600;

/** How many finished books stand in one line of the shelf, with room to say how many more there are. */
export function inOneLine(width: number): number {
  return Math.max(2, Math.floor(width / ON_SHELF) - 1);
}

/** Room on the table for each book: the more there are, the smaller they are drawn. */
export interface Room {
  /** Least width of a book's place, CSS pixels. */
  place: number;
  drawing: Extent;
  /** No book is drawn larger than so many pixels to a mm. */
  most: number;
}

/** The room of each of so many books on a table as wide as said. */
export function tableRoom(width: number, books: number): Room {
  if (width < NARROW) {
    return { place: 200, drawing: { width: Math.max(120, width - 40), height: 190 }, most: 0.8 };
  }
  if (books <= 1) {
    return { place: 300, drawing: { width: 420, height: 300 }, most: 1.1 };
  }
  return books > 16
    ? { place: 196, drawing: { width: 180, height: 140 }, most: 0.5 }
    : { place: 280, drawing: { width: 285, height: 225 }, most: 0.8 };
}
