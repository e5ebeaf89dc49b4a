import { describe, expect, it } from 'vitest';
import type { ThingView } from '../../api/client';
import { asked, BY_NAME, holding, ordered } from './order';

const thing = (name: string, numbers: Record<string, number>, cells: Record<string, string> = {}) =>
  ({
    name,
    numbers,
    cells: Object.fromEntries(Object.entries(cells).map(([key, mm]) => [key, { mm, inch: mm }])),
  }) as unknown as ThingView;
const things = [
  thing('Linen 30/3', { left: 90 }, { fibre: 'linen' }),
  thing('Linen 18/3', { left: 120 }, { fibre: 'linen', note: 'rough' }),
  thing('Silk', {}, { fibre: 'silk' }),
];
const names = (of: readonly ThingView[]) => of.map((one) => one.name);

describe('things in a drawer', () => {
  it('lie by name, numbers in it as numbers', () => {
    expect(names(ordered(things, { by: BY_NAME, turned: false }))).toEqual(['Linen 18/3', 'Linen 30/3', 'Silk']);
  });
  it('lie by a number as it is, not as it is written', () => {
    expect(names(ordered(things, { by: 'left', turned: false }))).toEqual(['Linen 30/3', 'Linen 18/3', 'Silk']);
  });
  it('have what is not known of last, turned round or not', () => {
    expect(names(ordered(things, { by: 'left', turned: true })).at(-1)).toBe('Silk');
  });
  it('are turned round when the same order is asked for again', () => {
    const once = asked({ by: BY_NAME, turned: false }, 'left');
    expect([once, asked(once, 'left')]).toEqual([
      { by: 'left', turned: false },
      { by: 'left', turned: true },
    ]);
  });
  it('are found by anything that is known of them', () => {
    expect(names(holding(things, ' ROUGH '))).toEqual(['Linen 18/3']);
  });
});
