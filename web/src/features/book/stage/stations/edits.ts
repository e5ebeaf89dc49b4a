import type { BookDocument, HolesView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';

export type Stations = BookDocument['stations'];
export type Side = BookDocument['side'];
export type Rows = BookDocument['rows'];
export type Cover = BookDocument['cover'];
type Change = (document: BookDocument) => BookDocument;

export function withStations(part: Partial<Stations>): Change {
  return (document) => ({ ...document, stations: { ...document.stations, ...part } });
}

export function withRows(part: Partial<Rows>): Change {
  return (document) => ({ ...document, rows: { ...document.rows, ...part } });
}

export function withSide(part: Partial<Side>): Change {
  return (document) => ({ ...document, side: { ...document.side, ...part } });
}

export function withCover(part: Partial<Cover>): Change {
  return (document) => ({ ...document, cover: { ...document.cover, ...part } });
}

/** Stations placed one by one. */
export function placed(places: number[]): Change {
  return withStations({ scheme: 'PLACED', count: places.length, placedMm: places });
}

/** Kept places are whole hundredths of a millimetre. */
export function whole(mm: number): number {
  return Math.round(mm * 100) / 100;
}

/** Holes of a book that has some; the stages that ask for them are only shown then. */
export function useHoles(): HolesView {
  const { holes } = useSession().state.plan;
  if (!holes) {
    throw new Error('This structure has no holes');
  }
  return holes;
}

/** Where things of differing height are level. */
export const LEVELS: { value: Stations['level']; label: string }[] = [
  { value: 'HEAD', label: 'the head' },
  { value: 'CENTRE', label: 'the centre' },
  { value: 'TAIL', label: 'the tail' },
];
