// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import { BOARD_KEYS, BOOK_KEYS } from '../features/book/keys';
import { REHEARSAL_KEYS, SEWING_KEYS } from '../features/sewing/keys';
import { called, elsewhere, keyName, written, type KeyTable } from '../ui/keys';
import { FRAME_KEYS } from './keys';

const key = (name: string, modifiers = {}) => ({
  key: name,
  ctrlKey: false,
  metaKey: false,
  shiftKey: false,
  ...modifiers,
});

describe('a key', () => {
  it('is named with its modifiers in front', () => {
    expect(keyName(key('Z', { ctrlKey: true, shiftKey: true }))).toBe('ctrl+shift+z');
  });

  it('with Shift alone is the sign it makes', () => {
    expect(keyName(key('?', { shiftKey: true }))).toBe('?');
  });

  it('calls its act', () => {
    expect(called(BOOK_KEYS, '.')).toBe('after');
    expect(called(BOOK_KEYS, '9')).toBe('stage');
    expect(called(BOOK_KEYS, '0')).toBe('stage');
    expect(called(BOOK_KEYS, '-')).toBeUndefined();
  });

  it('is written as it is engraved', () => {
    expect(written(SEWING_KEYS.next)).toBe('Space, Enter, →, Page down');
    expect(written(BOOK_KEYS.redo)).toBe('Ctrl+Shift+Z, Ctrl+Y');
  });
});

describe('tables of keys that act together', () => {
  const places: [string, KeyTable[]][] = [
    ['in a book', [FRAME_KEYS, BOOK_KEYS]],
    ['while sewing', [SEWING_KEYS]],
    ['while rehearsing', [REHEARSAL_KEYS]],
    ['on a board', [BOARD_KEYS]],
  ];
  it.each(places)('%s never give one key two acts', (_, tables) => {
    const keys = tables.flatMap((table) => Object.values(table).flatMap((act) => act.keys));
    expect(new Set(keys).size).toBe(keys.length);
  });
});

describe('a key pressed', () => {
  function pressedIn(html: string, name: string): boolean {
    document.body.innerHTML = html;
    let answer = false;
    const listen = (event: KeyboardEvent) => {
      answer = elsewhere(event);
    };
    window.addEventListener('keydown', listen);
    document.body.firstElementChild!.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true }));
    window.removeEventListener('keydown', listen);
    return answer;
  }

  it.each([
    ['<input>', 'n'],
    ['<textarea></textarea>', 'n'],
    ['<button>Undo</button>', 'Enter'],
    ['<div role="slider"></div>', 'ArrowLeft'],
  ])('in %s belongs to it: %s', (html, name) => {
    expect(pressedIn(html, name)).toBe(true);
  });

  it.each([
    ['<div></div>', 'n'],
    ['<input type="checkbox">', 'n'],
    ['<button>Undo</button>', '.'],
    ['<div role="slider"></div>', '.'],
  ])('in %s belongs to the place: %s', (html, name) => {
    expect(pressedIn(html, name)).toBe(false);
  });
});
