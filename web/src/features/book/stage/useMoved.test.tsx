// @vitest-environment happy-dom
import { act } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { BookSession } from '../../../state/session';
import { bookView, called } from '../../../test/books';
import { rendered } from '../../../test/render';
import { useMoved } from './useMoved';

let press: (name: string) => void = () => undefined;

/** A thing that a key moves. */
function Board() {
  const moving = useMoved<string>((document, name) => called(name)(document));
  press = (name) => moving.keepSoon(name, 'moved');
  return null;
}

describe('what keys have moved', () => {
  it('is kept at once where the drawing is left before they rest', () => {
    const session = new BookSession(bookView(1, 'Cues'));
    const change = vi.spyOn(session, 'change');
    const { leave } = rendered(session, <Board />);
    act(() => press('Nudged'));
    expect(change).not.toHaveBeenCalled();
    leave();
    expect(change).toHaveBeenCalledTimes(1);
    expect(session.snapshot().document.name).toBe('Nudged');
  });

  it('is kept once they rest, as one change', () => {
    vi.useFakeTimers();
    const session = new BookSession(bookView(1, 'Cues'));
    const change = vi.spyOn(session, 'change');
    const { leave } = rendered(session, <Board />);
    act(() => press('one'));
    act(() => press('two'));
    act(() => {
      vi.advanceTimersByTime(1000);
    });
    expect(change).toHaveBeenCalledTimes(1);
    expect(session.snapshot().document.name).toBe('two');
    vi.useRealTimers();
    leave();
  });
});
