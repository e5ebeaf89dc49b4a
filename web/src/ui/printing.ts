import { keep, kept } from '../browser/kept';

export type PrintPaper = 'A4' | 'LETTER';

const PAPER = 'itomichi.paper';
const PRINTER = 'itomichi.printer';
const TOLERANCE = 'itomichi.tolerance';

/** The paper this browser prints on, for every book. */
export function keptPaper(): PrintPaper {
  return kept(PAPER) === 'LETTER' ? 'LETTER' : 'A4';
}

export function keepPaper(paper: PrintPaper): void {
  keep(PAPER, paper);
}

export function keptPrinter(): string | null {
  return kept(PRINTER);
}

export function keepPrinter(printer: string): void {
  keep(PRINTER, printer);
}

/** How far a template may be off and still be found, as it was typed. */
export function keptTolerance(): string {
  return kept(TOLERANCE) ?? '1.5 mm';
}

export function keepTolerance(typed: string): void {
  keep(TOLERANCE, typed);
}
