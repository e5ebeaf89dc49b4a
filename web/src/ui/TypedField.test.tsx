// @vitest-environment happy-dom
import { act, useState } from 'react';
import { describe, expect, it } from 'vitest';
import { BookSession } from '../state/session';
import { bookView } from '../test/books';
import { rendered } from '../test/render';
import { TypedField } from './TypedField';

let planned: (shown: string) => void = () => undefined;
let taken: string[] = [];

/** A field whose value is worked out elsewhere, and comes a moment later. */
function Desk() {
  const [shown, setShown] = useState('');
  planned = setShown;
  return (
    <TypedField
      label="Stock height"
      shown={shown}
      take={(text) => {
        taken.push(text);
        return Promise.resolve(null);
      }}
    />
  );
}

function typed(field: HTMLInputElement, text: string) {
  act(() => {
    field.focus();
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(field, text);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  });
}

describe('a field that is typed into', () => {
  it('keeps what is being typed when a plan that was asked for before comes after it, and takes it', async () => {
    taken = [];
    const { place, leave } = rendered(new BookSession(bookView(1, 'Cues')), <Desk />);
    const field = place.querySelector('input')!;
    typed(field, '900 mm');
    act(() => planned('420 mm'));
    expect(field.value).toBe('900 mm');
    await act(async () => {
      field.blur();
      await Promise.resolve();
    });
    expect(taken).toEqual(['900 mm']);
    leave();
  });

  it('shows what comes from elsewhere where nobody types', () => {
    const { place, leave } = rendered(new BookSession(bookView(1, 'Cues')), <Desk />);
    act(() => planned('420 mm'));
    expect(place.querySelector('input')!.value).toBe('420 mm');
    leave();
  });
});
