import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, failure, outcome, value, type BookDocument } from '../../api/client';
import { useUnit } from '../../units/unit';
import { isMoreThanOneFold } from './HowBound';

export type Field = 'name' | 'pages' | 'size' | 'weight' | 'sheets' | '';
type Wrong = { at: Field; line: string } | null;

/** Where the server says the fault is, and the field in which that is typed. */
const FIELDS: readonly [string, Field][] = [
  ['extent', 'pages'],
  ['name', 'name'],
  ['paper.stock', 'sheets'],
  ['paper', 'weight'],
  ['leaf', 'size'],
];

export const stays = (line: string) => `${line} What is typed here stays; begin again when it does.`;

/** How a book is begun, whichever way: what it starts from, what is wrong with what is typed, and keeping it. */
export function useBegin(begun: (id: string) => void) {
  const { unit } = useUnit();
  const start = useQuery({
    queryKey: ['start', unit],
    queryFn: () => value(api.GET('/api/books/new', { params: { query: { unit } } })),
  });
  const [wrong, setWrong] = useState<Wrong>(null);
  const [sending, setSending] = useState(false);
  const [asked, setAsked] = useState<{ document: BookDocument; tooMuch: boolean } | null>(null);

  const refuse = (at: Field, line: string) => setWrong({ at, line });
  const refused = (problem: { field?: string | null; message: string }) =>
    refuse(FIELDS.find(([path]) => problem.field?.startsWith(path))?.[1] ?? '', problem.message);

  const keep = async (document: BookDocument) => {
    setSending(true);
    const made = await outcome(api.POST('/api/books', { body: document }));
    setSending(false);
    if (made.kind === 'value') {
      begun(made.value.id);
    } else if (made.kind === 'refused') {
      refused(made.problem);
    } else {
      refuse('', made.kind === 'lost' ? stays(made.message) : failure(made));
    }
  };

  /** Keeps it, once it is known how it is bound. */
  const settle = async (document: BookDocument, ask: boolean) => {
    setSending(true);
    const tooMuch = await isMoreThanOneFold(document);
    if (ask || tooMuch) {
      setSending(false);
      setWrong(null);
      setAsked({ document, tooMuch });
      return;
    }
    await keep(document);
  };

  /** What every book starts from; who types faster than the answer comes waits for it, and presses once. */
  const plain = async (): Promise<BookDocument | null> => {
    const known = start.data ?? (await start.refetch({ cancelRefetch: false })).data;
    if (!known) {
      refuse('', stays(start.error?.message ?? 'The application does not answer.'));
    }
    return known ?? null;
  };

  /** A weight as it was typed, in grams to the square metre; nothing where it cannot be read. */
  const weighed = async (text: string): Promise<number | null> => {
    const read = await outcome(api.POST('/api/reading/weight', { body: { text, unit } }));
    if (read.kind !== 'value') {
      refuse('weight', failure(read));
      return null;
    }
    return read.value.gsm;
  };

  /** Runs one try, and no second one beside it. */
  const once = async (tried: () => Promise<void>) => {
    if (sending) {
      return;
    }
    setSending(true);
    await tried();
    setSending(false);
  };

  return {
    named: start.data?.name ?? '',
    asked,
    back: () => setAsked(null),
    refuse,
    clear: () => setWrong(null),
    refused,
    keep,
    settle,
    plain,
    weighed,
    once,
    line: (at: Field) => (wrong?.at === at ? wrong.line : null),
  };
}

export type Begin = ReturnType<typeof useBegin>;

/** What a field says of itself that is wrong. */
export const marked = (begin: Begin, at: Field) =>
  begin.line(at) === null ? {} : { status: 'error' as const, 'aria-describedby': `wrong-${at}`, 'aria-invalid': true };

/** A whole number as it was typed; of anything else, the line that says so. */
export function wholeNumber(text: string, of: string): number | string {
  const typed = text.trim();
  if (/^\d{1,6}$/.test(typed)) {
    return Number(typed);
  }
  return typed ? `Read “${typed}”; a whole number of ${of} is wanted.` : `A number of ${of} is wanted.`;
}
