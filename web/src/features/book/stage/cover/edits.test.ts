import { describe, expect, it } from 'vitest';
import type { BookDocument } from '../../../../api/client';
import { withMeasured, withNumber, withTick, withWay } from './edits';

const BOOK = {
  name: 'Log',
  covering: { kind: 'case-flat', numbers: { joint: 7 }, schools: {}, block: { spineMm: 20 }, ticked: ['grain'] },
} as unknown as BookDocument;

describe('an edit of a cover', () => {
  it('leaves everything else as it was', () => {
    const edited = withNumber('turn-in', 16)(BOOK);
    expect(edited.covering).toEqual({ ...BOOK.covering, numbers: { joint: 7, 'turn-in': 16 } });
    expect(BOOK.covering.numbers).toEqual({ joint: 7 });
  });

  it('chooses a way', () => {
    expect(withWay('joints', 'BOARDS')(BOOK).covering.schools).toEqual({ joints: 'BOARDS' });
  });

  it('keeps a measure of the block, and takes it back', () => {
    expect(withMeasured('heightMm', 211)(BOOK).covering.block).toEqual({ spineMm: 20, heightMm: 211 });
    expect(withMeasured('spineMm', undefined)(BOOK).covering.block.spineMm).toBeUndefined();
  });

  it('ticks a step once', () => {
    const twice = withTick('dry-run', true)(withTick('dry-run', true)(BOOK));
    expect(twice.covering.ticked).toEqual(['dry-run', 'grain']);
  });

  it('takes a tick off', () => {
    expect(withTick('grain', false)(BOOK).covering.ticked).toEqual([]);
  });
});
