import { describe, expect, it } from 'vitest';
import { fractionParts } from './fractions';

const fractions = (text: string) =>
  fractionParts(text)
    .filter((part) => part.fraction)
    .map((part) => part.text);

describe('fractions in a text', () => {
  it('are those of a rule', () => {
    expect(fractions('5 13/16 in × 8 1/4 in')).toEqual(['13/16', '1/4']);
  });
  // common practice, no source: the count of a thread, and how many plies it has
  it.each(['Linen 30/3', 'Linen 18/4', 'Cotton 20/2', 'cut 3/5 of it', 'on 28/11/2026'])(
    'are not what is in “%s”',
    (text) => {
      expect(fractions(text)).toEqual([]);
    },
  );
  it('leave the text as it was', () => {
    const text = 'Cut 1940 mm of Linen 30/3 at 1/8 in';
    expect(
      fractionParts(text)
        .map((part) => part.text)
        .join(''),
    ).toBe(text);
  });
});
