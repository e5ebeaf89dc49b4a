import { useEffect, useRef } from 'react';

/** An act that keys call: the keys, `ctrl+z` with its modifiers in front, and what it does in a few words. */
export interface KeyAct {
  keys: readonly string[];
  /** How the keys are written where they are listed; made from them where it is left out. */
  shown?: string;
  does: string;
}

/** What keys do in a place; the list of all keys is made from the same tables. */
export type KeyTable = Record<string, KeyAct>;

/** What is done, for every act of a table. */
export type KeyActs<T extends KeyTable> = { [act in keyof T]: (event: KeyboardEvent) => void };

// A chosen radio or a ticked box has the focus too, but nothing is typed into it.
const TYPING =
  'input:not([type="radio"]):not([type="checkbox"]), textarea, select, [contenteditable="true"], [role="combobox"], [role="listbox"], [role="option"]';
const PRESSING = 'button, a, summary, [role="button"], [role="slider"], [role="radio"], label';
/** Keys that already do something to what has the focus. */
const PRESSED = new Set([' ', 'enter']);

const WRITTEN: Record<string, string> = {
  ' ': 'Space',
  enter: 'Enter',
  escape: 'Esc',
  backspace: 'Backspace',
  delete: 'Delete',
  arrowleft: '←',
  arrowright: '→',
  arrowup: '↑',
  arrowdown: '↓',
  pageup: 'Page up',
  pagedown: 'Page down',
};

/** The keys of an act as they are listed. */
export function written({ keys, shown }: KeyAct): string {
  return shown ?? keys.map(writtenKey).join(', ');
}

function writtenKey(key: string): string {
  const parts = key.split('+');
  const last = parts.pop() ?? '';
  const modifiers = parts.map((part) => `${part[0]!.toUpperCase()}${part.slice(1)}+`).join('');
  return modifiers + (WRITTEN[last] ?? (modifiers ? last.toUpperCase() : last));
}

/** A key by its name in a table. */
export function keyName(event: { key: string; ctrlKey: boolean; metaKey: boolean; shiftKey: boolean }): string {
  const key = event.key.toLowerCase();
  const control = event.ctrlKey || event.metaKey ? 'ctrl+' : '';
  const shift = control && event.shiftKey ? 'shift+' : '';
  return control + shift + key;
}

/** The act that a key calls; nothing where none does. */
export function called<T extends KeyTable>(table: T, key: string): keyof T | undefined {
  return Object.keys(table).find((act) => table[act]!.keys.includes(key));
}

/** Whether a key is not for the place as a whole: something is typed, pressed or moved with it, or a dialog lies over the place. */
export function elsewhere(event: KeyboardEvent): boolean {
  const at = event.target instanceof Element ? event.target : document.body;
  return (
    event.defaultPrevented ||
    event.altKey ||
    at.closest(TYPING) !== null ||
    (PRESSED.has(event.key.toLowerCase()) && at.closest(PRESSING) !== null) ||
    (at.closest('[role="slider"]') !== null && event.key.startsWith('Arrow')) ||
    document.querySelector('[role="dialog"][aria-modal="true"]') !== null
  );
}

/** Listens for the keys of a table while it is mounted; never while something is typed, nor over an open dialog. */
export function useKeys<T extends KeyTable>(table: T, acts: KeyActs<T>): void {
  const latest = useRef(acts);
  useEffect(() => {
    latest.current = acts;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const act = called(table, keyName(event));
      if (act !== undefined && !elsewhere(event)) {
        event.preventDefault();
        latest.current[act](event);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [table]);
}
