import type { BookDocument } from '../../../../api/client';

export type Thread = BookDocument['thread'];
export type Stitch = BookDocument['stitch'];

export function withThread(part: Partial<Thread>): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, thread: { ...document.thread, ...part } });
}

export function withCount(part: Partial<Thread['count']>): (document: BookDocument) => BookDocument {
  return (document) => withThread({ count: { ...document.thread.count, ...part } })(document);
}

export function withStitch(part: Partial<Stitch>): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, stitch: { ...document.stitch, ...part } });
}
