/** A whole number as it was typed, of so many digits at most; nothing where it is none. */
export function readWhole(text: string, digits: number): number | null {
  const typed = text.trim();
  return /^\d+$/.test(typed) && typed.length <= digits ? Number(typed) : null;
}

/** Minutes as they were typed, or one line about what is wanted. */
export function readMinutes(text: string): number | string {
  return readWhole(text, 5) ?? `Read “${text.trim()}”; whole minutes are wanted, as 45.`;
}

/** How long something lies, as it was typed: minutes, or hours and minutes, as 45, 10 h, 1 h 30. */
export function readWait(text: string): number | string {
  const typed = /^(\d{1,3})\s*h(?:\s*(\d{1,2})(?:\s*min)?)?$/.exec(text.trim());
  if (typed) {
    return Number(typed[1]) * 60 + Number(typed[2] ?? 0);
  }
  return (
    readWhole(text.replace(/\s*min\s*$/, ''), 5) ??
    `Read “${text.trim()}”; hours or minutes are wanted, as 10 h, 1 h 30 or 45.`
  );
}

/** So many minutes as hours and minutes. */
export function showWait(minutes: number): string {
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return hours === 0 ? `${rest} min` : rest === 0 ? `${hours} h` : `${hours} h ${rest}`;
}
