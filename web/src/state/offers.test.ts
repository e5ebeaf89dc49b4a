import { describe, expect, it } from 'vitest';
import type { BookDocument } from '../api/client';
import { laidOn } from './offers';

function book(parts: object): BookDocument {
  return parts as unknown as BookDocument;
}

const MADE = book({ name: 'Cues', extent: { by: 'PAGES', number: 64 }, cover: { spineMm: 8 }, holes: [1, 2, 3] });

function offering(parts: object) {
  return { made: MADE, document: book({ ...MADE, ...parts }) };
}

describe('what is offered', () => {
  it('is the book offered, where nothing was changed since', () => {
    const offer = offering({ cover: { spineMm: 9 } });
    expect(laidOn(offer, MADE)).toEqual(offer.document);
  });

  it('leaves an edit that was made since as it is', () => {
    const latest = book({ ...MADE, extent: { by: 'PAGES', number: 80 } });
    expect(laidOn(offering({ cover: { spineMm: 9 } }), latest)).toEqual({ ...latest, cover: { spineMm: 9 } });
  });

  it('joins an edit in the same part of the book, field by field', () => {
    const latest = book({ ...MADE, extent: { by: 'LEAVES', number: 64 } });
    expect(laidOn(offering({ extent: { by: 'PAGES', number: 60 } }), latest)?.extent).toEqual({
      by: 'LEAVES',
      number: 60,
    });
  });

  it('takes out what it takes out, and keeps what was put in since', () => {
    const latest = book({ ...MADE, notes: 'waxed' });
    const laid = laidOn({ made: MADE, document: book({ ...MADE, cover: {} }) }, latest);
    expect(laid).toEqual({ ...latest, cover: {} });
  });

  it('is not taken where the edit and the offer cross', () => {
    const latest = book({ ...MADE, holes: [1, 2, 4] });
    expect(laidOn(offering({ holes: [1, 3] }), latest)).toBeNull();
  });

  it('crosses nothing where the edit did what it offers', () => {
    const latest = book({ ...MADE, holes: [1, 3], name: 'Slips' });
    expect(laidOn(offering({ holes: [1, 3] }), latest)).toEqual(latest);
  });
});
