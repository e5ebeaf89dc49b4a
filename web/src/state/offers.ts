import type { BookDocument } from '../api/client';

/** Something the server offers to do with a book: the book it looked at, and that book with it done. */
export interface Offer {
  made: BookDocument;
  document: BookDocument;
}

/** Two parts that were changed in different ways; neither may be lost without a word. */
const CROSSED = Symbol('crossed');

/**
 * The latest book with what the offer changes, and nothing else: it may have been made for the book before the last edit. Lists are
 * taken whole. Nothing if the edits since have changed a part that the offer changes too.
 */
export function laidOn(offer: Offer, latest: BookDocument): BookDocument | null {
  const laid = merged(offer.made, offer.document, latest);
  return laid === CROSSED ? null : (laid as BookDocument);
}

function merged(made: unknown, offered: unknown, latest: unknown): unknown {
  if (same(made, offered) || same(offered, latest)) {
    return latest;
  }
  if (same(made, latest)) {
    return offered;
  }
  return parted(made) && parted(offered) && parted(latest) ? mergedParts(made, offered, latest) : CROSSED;
}

type Parts = Record<string, unknown>;

function mergedParts(made: Parts, offered: Parts, latest: Parts): unknown {
  const laid: Parts = {};
  for (const name of new Set([...Object.keys(latest), ...Object.keys(offered)])) {
    const part = merged(made[name], offered[name], latest[name]);
    if (part === CROSSED) {
      return CROSSED;
    }
    if (part !== undefined) {
      laid[name] = part;
    }
  }
  return laid;
}

function parted(value: unknown): value is Parts {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Whether two parts say the same, in whatever order their names stand. */
function same(one: unknown, other: unknown): boolean {
  if (parted(one) && parted(other)) {
    return [...new Set([...Object.keys(one), ...Object.keys(other)])].every((name) => same(one[name], other[name]));
  }
  if (Array.isArray(one) && Array.isArray(other)) {
    return one.length === other.length && one.every((part, i) => same(part, other[i]));
  }
  return one === other;
}
