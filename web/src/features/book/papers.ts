import type { BookDocument } from '../../api/client';

export type Paper = BookDocument['paper'];
export type Stock = NonNullable<Paper['stock']>;
type Edit = (document: BookDocument) => BookDocument;

/** One of a book's papers; 0 is the one taken where nothing else is said. */
export function paperAt(document: BookDocument, number: number): Paper {
  return number === 0 ? document.paper : (document.otherPapers[number - 1] ?? document.paper);
}

/** Changes one of a book's papers. */
export function withPaper(number: number, part: (paper: Paper) => Partial<Paper>): Edit {
  return (document) => {
    const changed = { ...paperAt(document, number), ...part(paperAt(document, number)) };
    return number === 0
      ? { ...document, paper: changed }
      : { ...document, otherPapers: document.otherPapers.map((one, i) => (i === number - 1 ? changed : one)) };
  };
}

/** Changes the stock a paper comes in. */
export function withStock(number: number, part: Partial<Stock>): Edit {
  return withPaper(number, (paper) => (paper.stock ? { stock: { ...paper.stock, ...part } } : {}));
}

/** What a paper's fields are called, and where its measures are found. */
export function paperField(number: number): { field: string; measures: string } {
  return number === 0
    ? { field: 'paper', measures: 'paper' }
    : { field: 'otherPapers', measures: `otherPapers.${number - 1}` };
}
