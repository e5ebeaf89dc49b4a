// @vitest-environment happy-dom
import { act, useState } from 'react';
import { describe, expect, it } from 'vitest';
import { BookSession } from '../../state/session';
import { bookView } from '../../test/books';
import { rendered } from '../../test/render';
import { PatternWritten } from './PatternWritten';

let drawn: (text: string) => void = () => undefined;

/** A desk whose drawing comes as text a moment after it was drawn. */
function Desk() {
  const [text, setText] = useState('');
  drawn = setText;
  return <PatternWritten text={text} read={() => undefined} />;
}

function typed(area: HTMLTextAreaElement, text: string) {
  act(() => {
    Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!.call(area, text);
    area.dispatchEvent(new Event('input', { bubbles: true }));
  });
}

describe('a pattern as text', () => {
  it('keeps what is typed when the drawing’s own text comes after it', () => {
    const { place, leave } = rendered(new BookSession(bookView(1, 'Cues')), <Desk />);
    const area = place.querySelector('textarea')!;
    typed(area, 'hole here');
    act(() => drawn('hole 30'));
    expect(area.value).toBe('hole here');
    leave();
  });

  it('shows the drawing’s text where nothing is typed', () => {
    const { place, leave } = rendered(new BookSession(bookView(1, 'Cues')), <Desk />);
    act(() => drawn('hole 30'));
    expect(place.querySelector('textarea')!.value).toBe('hole 30');
    leave();
  });
});
