/** What this browser keeps under a name; nothing where it keeps nothing. */
export function kept(name: string): string | null {
  try {
    return localStorage.getItem(name);
  } catch {
    return null;
  }
}

/** Keeps a text under a name, or forgets it. A browser without a store still works: what was chosen then holds for this window only. */
export function keep(name: string, text: string | null): void {
  try {
    if (text === null) {
      localStorage.removeItem(name);
    } else {
      localStorage.setItem(name, text);
    }
  } catch {
    // full or forbidden: nothing is kept
  }
}
