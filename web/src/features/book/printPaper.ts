export type PrintPaper = 'A4' | 'LETTER';

const KEPT = 'itomichi.paper';

/** The paper in the printer is the same for every book; it is remembered in the browser. */
export function keptPaper(): PrintPaper {
  try {
    return localStorage.getItem(KEPT) === 'LETTER' ? 'LETTER' : 'A4';
  } catch {
    return 'A4';
  }
}

export function keepPaper(paper: PrintPaper): void {
  try {
    localStorage.setItem(KEPT, paper);
  } catch {
    // chosen anew next time
  }
}
