// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import { keep } from '../browser/kept';
import { keepUnit, keptUnit } from './unit';

describe('the unit of the screen', () => {
  it('is mm until it is chosen', () => {
    expect(keptUnit()).toBe('MM');
  });

  it('stays as it was chosen', () => {
    keepUnit('INCH');
    expect(keptUnit()).toBe('INCH');
  });

  it('is mm where something else was kept', () => {
    keep('itomichi.unit', 'ells');
    expect(keptUnit()).toBe('MM');
  });
});
