import type { BookDocument } from '../../../../api/client';

type Covering = BookDocument['covering'];

/** The book with its covering changed in part. */
export function withCovering(part: Partial<Covering>): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, covering: { ...document.covering, ...part } });
}

/** The book with a measure of its block, or without it, so that the plan stands in. */
export function withMeasured(key: string, mm: number | undefined): (document: BookDocument) => BookDocument {
  return (document) => withCovering({ block: { ...document.covering.block, [key]: mm } })(document);
}

/** The book with a length or a share of its cover settled. */
export function withNumber(key: string, number: number): (document: BookDocument) => BookDocument {
  return (document) => withCovering({ numbers: { ...document.covering.numbers, [key]: number } })(document);
}

/** The book with a length of its cover not settled any more. */
export function withoutNumber(key: string): (document: BookDocument) => BookDocument {
  return (document) =>
    withCovering({
      numbers: Object.fromEntries(Object.entries(document.covering.numbers).filter(([one]) => one !== key)),
    })(document);
}

/** The book with a way of making its cover chosen. */
export function withWay(key: string, way: string): (document: BookDocument) => BookDocument {
  return (document) => withCovering({ schools: { ...document.covering.schools, [key]: way } })(document);
}

/** The book with a step ticked, or not any more. */
export function withTick(key: string, done: boolean): (document: BookDocument) => BookDocument {
  return (document) =>
    withCovering({
      ticked: [...document.covering.ticked.filter((one) => one !== key), ...(done ? [key] : [])].sort(),
    })(document);
}
