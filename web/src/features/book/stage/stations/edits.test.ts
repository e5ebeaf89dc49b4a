// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import type { BookDocument } from '../../../../api/client';
import { between } from '../../../../drawing/pointed';
import { placed, whole, withCover } from './edits';
import { seen } from './look';
import { nudge, removes } from '../useMoved';

const DOCUMENT = { name: 'Cues', stations: { scheme: 'MARGINS', count: 5 }, cover: { squareMm: 3 } } as BookDocument;

function press(key: string, shiftKey = false) {
  return new KeyboardEvent('keydown', { key, shiftKey, cancelable: true }) as unknown as Parameters<typeof nudge>[0];
}

describe('an edit', () => {
  it('of stations places them one by one and leaves the rest of the book', () => {
    const edited = placed([20, 105, 190])(DOCUMENT);
    expect(edited.stations).toMatchObject({ scheme: 'PLACED', count: 3, placedMm: [20, 105, 190] });
    expect(edited.cover).toBe(DOCUMENT.cover);
  });

  it('changes no book but makes another', () => {
    withCover({ squareMm: 6 })(DOCUMENT);
    expect(DOCUMENT.cover.squareMm).toBe(3);
  });
});

describe('a key on a board', () => {
  it('moves half a millimetre', () => {
    expect(nudge(press('ArrowRight'), 'MM')).toEqual({ right: 0.5, down: 0 });
  });

  it('moves a thirty-second of an inch', () => {
    expect(nudge(press('ArrowDown'), 'INCH')).toEqual({ right: 0, down: 25.4 / 32 });
  });

  it('with Shift moves ten times as far', () => {
    expect(nudge(press('ArrowLeft', true), 'MM')).toEqual({ right: -5, down: 0 });
  });

  it('that is no arrow moves nothing', () => {
    expect(nudge(press('a'), 'MM')).toBeNull();
  });

  it.each(['Delete', 'Backspace'])('%s takes out', (key) => {
    expect(removes(press(key))).toBe(true);
  });
});

describe('a place', () => {
  it('is kept to a hundredth of a millimetre', () => {
    expect(whole(12.3456)).toBe(12.35);
  });

  it('is brought between its neighbours', () => {
    expect([between(-1, 0, 9), between(4, 0, 9), between(12, 0, 9)]).toEqual([0, 4, 9]);
  });

  it('on a cover changes sides when it is seen from inside', () => {
    expect(seen(4, 20, 'inside')).toBe(16);
  });
});
