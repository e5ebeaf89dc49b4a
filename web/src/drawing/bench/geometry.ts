import type { Looks } from '../../api/client';

/** How far what lies on the table is seen from above: a depth of 1 goes so far to the right and up. */
const AWAY = { x: 0.3, y: 0.24 };
/** How far the cover of a standing book turns away from the eye, and how far its edges slope. */
const TURNED = 0.5;
const SLOPE = 0.06;
/** Anything thinner than this many pixels is not seen. */
const THINNEST = 3;

type Pair = readonly [number, number];

const written = (points: readonly Pair[]) => points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');

/** Places written one after the other, as pairs. */
function pairs(places: readonly number[]): Pair[] {
  return Array.from({ length: Math.floor(places.length / 2) }, (_, i) => [places[2 * i]!, places[2 * i + 1]!]);
}

/** Something with a width and a height in pixels. */
export interface Extent {
  width: number;
  height: number;
}

/** A book that stands with its spine towards the eye, its cover turned away to the right; pixels from its top left corner. */
export function standing(closed: Looks['closed'], scale: number) {
  const spine = Math.max(THINNEST + 1, closed.thicknessMm * scale);
  const cover = closed.widthMm * scale * TURNED;
  const height = closed.heightMm * scale;
  const rise = cover * SLOPE;
  const spread = spine / Math.max(0.1, closed.thicknessMm);
  return {
    spine,
    width: spine + cover,
    height,
    cover: written([
      [spine, 0],
      [spine + cover, rise],
      [spine + cover, height - rise],
      [spine, height],
    ]),
    leaves: written([
      [spine + cover, rise + 4],
      [spine + cover, height - rise - 4],
    ]),
    /** Places from the left edge of the spine and from the head, mm. */
    onSpine: (places: readonly number[]) =>
      written(
        pairs(places).map(([across, along]) => [
          Math.max(0.5, Math.min(spine - 0.5, across * spread)),
          Math.max(0, Math.min(height, along * scale)),
        ]),
      ),
    /** Places on the front, from the spine and from the head, mm: it narrows, and its head falls towards the fore edge. */
    onFront: (places: readonly number[]) =>
      written(
        pairs(places).map(([across, along]) => {
          const turned = across * scale * TURNED;
          const fallen = turned * SLOPE;
          return [spine + turned, fallen + along * scale * (1 - (2 * fallen) / height)];
        }),
      ),
  };
}

/** A pile that lies on the table, one edge towards the eye; pixels from the top left corner of what is seen. */
export function lying(lengthMm: number, depthMm: number, thicknessMm: number, scale: number) {
  const length = lengthMm * scale;
  const away = { x: depthMm * scale * AWAY.x, y: depthMm * scale * AWAY.y };
  const thick = Math.max(THINNEST, thicknessMm * scale);
  const spread = thick / Math.max(0.1, thicknessMm);
  const base = away.y + thick;
  return {
    width: length + away.x,
    height: base,
    length,
    thick,
    away,
    top: written([
      [0, away.y],
      [away.x, 0],
      [length + away.x, 0],
      [length, away.y],
    ]),
    edge: { x: 0, y: away.y, width: length, height: thick },
    side: written([
      [length, away.y],
      [length + away.x, 0],
      [length + away.x, thick],
      [length, base],
    ]),
    /** A line over the top, parallel to the edge that is seen, this share of its depth away. */
    across: (share: number) =>
      written([
        [away.x * share, away.y * (1 - share)],
        [length + away.x * share, away.y * (1 - share)],
      ]),
    /** Places from the lower side of the edge that is seen, and from its left end, mm. */
    onEdge: (places: readonly number[]) =>
      written(
        pairs(places).map(([up, along]) => [
          Math.min(length, along * scale),
          base - Math.max(0.5, Math.min(thick - 0.5, up * spread)),
        ]),
      ),
    /** Places on the top, from the edge that is seen and from its left end, mm. */
    onTop: (places: readonly number[]) =>
      written(
        pairs(places).map(([deep, along]) => [along * scale + deep * scale * AWAY.x, away.y - deep * scale * AWAY.y]),
      ),
  };
}

export type Lying = ReturnType<typeof lying>;

/** Flat sheets lie with their shorter side towards the eye. */
export const flatSheets = ({ widthMm, heightMm, thicknessMm }: Looks['sheets'], scale: number): Lying =>
  lying(Math.min(widthMm, heightMm), Math.max(widthMm, heightMm), thicknessMm, scale);

/** A block lies on its back cover, its spine towards the eye, its head at the left. */
export const lyingBlock = ({ widthMm, heightMm, thicknessMm }: Looks['block'], scale: number): Lying =>
  lying(heightMm, widthMm, thicknessMm, scale);

/** What lies in front of the planned book, if anything does. */
export function inFront(book: Looks, scale: number): Lying | null {
  return book.made === 'CUT'
    ? flatSheets(book.sheets, scale)
    : book.made === 'GATHERED'
      ? lyingBlock(book.block, scale)
      : null;
}

/** How much room a book's drawing takes; what is behind stands on the table where what lies in front ends. */
export function extent(book: Looks, scale: number): Extent {
  const stands = standing(book.closed, scale);
  const lies = inFront(book, scale);
  return lies
    ? {
        width: Math.max(lies.width, lies.away.x + stands.width),
        height: lies.away.y + Math.max(lies.thick, stands.height),
      }
    : { width: stands.width, height: stands.height };
}

/** The scale at which the largest of the books fits into that room, and none is drawn larger than so many pixels to a mm. */
export function benchScale(books: readonly Looks[], room: Extent, most: number): number {
  return books.reduce((scale, book) => {
    const { width, height } = extent(book, 1);
    return Math.min(scale, room.width / width, room.height / height);
  }, most);
}

/** The scale at which each of these planned books fits into that height when it stands. */
export function standingScale(books: readonly Looks[], height: number, most: number): number {
  return books.reduce((scale, book) => Math.min(scale, height / book.closed.heightMm), most);
}
