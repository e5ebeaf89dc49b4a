import { useEffect, useRef } from 'react';

/** Keys by their name, `ctrl+z` with its modifiers in front. */
export type KeyMap = Record<string, (event: KeyboardEvent) => void>;

// A chosen radio or a ticked box has the focus too, but nothing is typed into it.
const TYPING =
  'input:not([type="radio"]):not([type="checkbox"]), textarea, select, [contenteditable="true"], [role="combobox"], [role="listbox"], [role="option"]';
const PRESSING = 'button, a, summary, [role="button"], [role="slider"], [role="radio"], label';
/** Keys that already do something to what has the focus. */
const PRESSED = new Set([' ', 'enter']);

function name(event: KeyboardEvent): string {
  const key = event.key.toLowerCase();
  const control = event.ctrlKey || event.metaKey ? 'ctrl+' : '';
  const shift = control && event.shiftKey ? 'shift+' : '';
  return control + shift + key;
}

/** Listens for keys while it is mounted; never while something is typed, nor over an open dialog. */
export function useKeys(map: KeyMap): void {
  const latest = useRef(map);
  useEffect(() => {
    latest.current = map;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const at = event.target instanceof Element ? event.target : document.body;
      const act = latest.current[name(event)];
      const elsewhere =
        event.defaultPrevented ||
        event.altKey ||
        at.closest(TYPING) !== null ||
        (PRESSED.has(event.key.toLowerCase()) && at.closest(PRESSING) !== null) ||
        (at.closest('[role="slider"]') !== null && event.key.startsWith('Arrow')) ||
        document.querySelector('[role="dialog"][aria-modal="true"]') !== null;
      if (act && !elsewhere) {
        event.preventDefault();
        act(event);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
