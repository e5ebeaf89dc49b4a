import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, failure, outcome, value, type Imposition, type PrintWish } from '../../../../../api/client';
import { asBody } from '../../../../../api/files';
import { useSession } from '../../../../../state/useSession';

/** How often is asked how far something is, while it runs. */
const AGAIN_MS = 600;

/** What there is of the book's text; asked again while something is done with it. */
export function useText() {
  const { id } = useSession().state.view;
  const client = useQueryClient();
  const text = useQuery({
    queryKey: ['text', id],
    queryFn: () => value(api.GET('/api/books/{book}/text', { params: { path: { book: id } } })),
    refetchInterval: (query) => (query.state.data?.job?.state === 'RUNNING' ? AGAIN_MS : false),
  });
  const refresh = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: ['text', id] }),
      client.invalidateQueries({ queryKey: ['imposition', id] }),
    ]);
  return { text, refresh };
}

/** Where the sending of a file stands. */
export type Sending = { name: string; share: number } | null;

/** Sends a file part by part, going on where an earlier sending of the same file broke off; then has it read. */
export function useSending(refresh: () => Promise<unknown>) {
  const { id } = useSession().state.view;
  const [sending, setSending] = useState<Sending>(null);
  const [said, setSaid] = useState<string | null>(null);
  const stopped = useRef(false);
  const send = async (file: File) => {
    stopped.current = false;
    setSaid(null);
    setSending({ name: file.name, share: 0 });
    setSaid(await sent(id, file, (share) => setSending({ name: file.name, share }), stopped));
    setSending(null);
    await refresh();
  };
  return {
    sending,
    said,
    send: (file: File) => void send(file),
    stop: () => {
      stopped.current = true;
    },
  };
}

async function sent(
  book: string,
  file: File,
  along: (share: number) => void,
  stopped: { current: boolean },
): Promise<string | null> {
  const not = (why: string) => `“${file.name}” was not taken in. ${why}`;
  const path = { params: { path: { book } } };
  const before = await outcome(api.GET('/api/books/{book}/text', path));
  let arriving = before.kind === 'value' ? before.value.arriving : undefined;
  if (!arriving || arriving.name !== file.name.trim() || arriving.bytes !== file.size) {
    const begun = await outcome(
      api.POST('/api/books/{book}/text', { ...path, body: { name: file.name, bytes: file.size } }),
    );
    if (begun.kind !== 'value') {
      return not(failure(begun));
    }
    arriving = begun.value;
  }
  const { id: text, partBytes } = arriving;
  const parts = Math.ceil(file.size / partBytes);
  for (let number = arriving.came; number < parts; number++) {
    if (stopped.current) {
      return `“${file.name}” came in part. Choose it once more, and it goes on from there.`;
    }
    const part = await outcome(
      api.PUT('/api/books/{book}/text/{text}/parts/{number}', {
        params: { path: { book, text, number } },
        ...asBody(file.slice(number * partBytes, (number + 1) * partBytes)),
      }),
    );
    if (part.kind !== 'value') {
      return not(`${failure(part)} Choose it once more, and it goes on from there.`);
    }
    along((number + 1) / parts);
  }
  const read = await outcome(
    api.POST('/api/books/{book}/text/{text}/read', { params: { path: { book, text } }, body: { password: '' } }),
  );
  return read.kind === 'value' ? null : not(failure(read));
}

/** The text as it would be printed, and changes of how. */
export function useImposition(wanted: boolean) {
  const { id, version } = useSession().state.view;
  const client = useQueryClient();
  const key = ['imposition', id, version];
  const path = { params: { path: { book: id } } };
  const imposition = useQuery({
    queryKey: key,
    enabled: wanted,
    queryFn: () => value(api.GET('/api/books/{book}/imposition', path)),
    placeholderData: (before) => before,
  });
  /** Keeps another wish; one line where it cannot be. */
  const keep = async (wish: PrintWish) => {
    const before = client.getQueryData<Imposition>(key);
    // what was chosen is seen at once, and goes back where it is refused
    client.setQueryData<Imposition>(key, (shown) => shown && { ...shown, wish });
    const result = await outcome(api.PUT('/api/books/{book}/imposition', { ...path, body: wish }));
    if (result.kind !== 'value') {
      client.setQueryData<Imposition>(key, before);
      return failure(result);
    }
    client.setQueryData<Imposition>(key, result.value);
    await client.invalidateQueries({ queryKey: ['printing', id] });
    return null;
  };
  return { imposition, keep };
}

/** Pages of the text that are drawn; those wanted are asked for one after the other. */
export function useDrawnPages(text: string | undefined, wanted: readonly number[]) {
  const { id } = useSession().state.view;
  const [drawn, setDrawn] = useState<{ text: string | undefined; pages: ReadonlySet<number> }>({
    text,
    pages: new Set(),
  });
  const asked = useRef(new Set<string>());
  const pages = drawn.text === text ? drawn.pages : new Set<number>();
  const next = wanted.find((page) => !pages.has(page) && !asked.current.has(`${text}/${page}`));
  useEffect(() => {
    if (text === undefined || next === undefined) {
      return;
    }
    let gone = false;
    let again: ReturnType<typeof setTimeout> | undefined;
    const ask = async () => {
      const result = await outcome(
        api.POST('/api/books/{book}/text/shown', { params: { path: { book: id }, query: { page: next } } }),
      );
      if (gone) {
        return;
      }
      const there = result.kind === 'value' ? result.value : { pages: [], more: false };
      if (there.more && !there.pages.includes(next)) {
        again = setTimeout(() => void ask(), AGAIN_MS);
        return;
      }
      asked.current.add(`${text}/${next}`);
      setDrawn((was) => ({ text, pages: new Set([...(was.text === text ? was.pages : []), ...there.pages]) }));
    };
    void ask();
    return () => {
      gone = true;
      clearTimeout(again);
    };
  }, [id, text, next]);
  return pages;
}
