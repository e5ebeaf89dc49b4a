/** A whole number as it was typed, of so many digits at most; nothing where it is none. */
export function readWhole(text: string, digits: number): number | null {
  const typed = text.trim();
  return /^\d+$/.test(typed) && typed.length <= digits ? Number(typed) : null;
}

/** Minutes as they were typed, or one line about what is wanted. */
export function readMinutes(text: string): number | string {
  return readWhole(text, 5) ?? `Read “${text.trim()}”; whole minutes are wanted, as 45.`;
}
