export type PrintPaper = 'A4' | 'LETTER';

/** What a browser remembers of the printing at its bench: the same for every book. */
function remembered(key: string): [() => string | null, (value: string) => void] {
  return [
    () => {
      try {
        return localStorage.getItem(key);
      } catch {
        return null;
      }
    },
    (value) => {
      try {
        localStorage.setItem(key, value);
      } catch {
        // chosen anew next time
      }
    },
  ];
}

const [paper, keepPaper] = remembered('itomichi.paper');
const [keptPrinter, keepPrinter] = remembered('itomichi.printer');
const [tolerance, keepTolerance] = remembered('itomichi.tolerance');

export { keepPaper, keepPrinter, keepTolerance, keptPrinter };

export function keptPaper(): PrintPaper {
  return paper() === 'LETTER' ? 'LETTER' : 'A4';
}

/** How far a template may be off and still be found, as it was typed. */
export function keptTolerance(): string {
  return tolerance() ?? '1.5 mm';
}
