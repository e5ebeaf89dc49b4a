// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest';
import { keep, kept } from './kept';

describe('what a browser keeps', () => {
  it('is there again', () => {
    keep('a', 'b');
    expect(kept('a')).toBe('b');
  });

  it('is gone when it is forgotten', () => {
    keep('a', 'b');
    keep('a', null);
    expect(kept('a')).toBeNull();
  });

  it('is nothing where the store is shut, and nothing breaks', () => {
    const shut = () => {
      throw new Error('shut');
    };
    vi.stubGlobal('localStorage', { getItem: shut, setItem: shut, removeItem: shut });
    keep('a', 'b');
    expect(kept('a')).toBeNull();
    vi.unstubAllGlobals();
  });
});
