import {
  keepPreviousData,
  useInfiniteQuery,
  useQuery,
  type InfiniteData,
  type QueryClient,
} from '@tanstack/react-query';
import { api, value, type BenchView, type BookCard } from '../../api/client';

export type Stage = BookCard['stage'];

interface Wanted {
  find: string;
  onShelf: boolean;
  /** The stage that the books wait at; of every stage where there is none. */
  stage?: Stage | undefined;
}

/** The books that are wanted: as many as were asked for so far. */
export function useBooks({ find, onShelf, stage }: Wanted) {
  const parts = useInfiniteQuery({
    queryKey: ['bench', onShelf, find, stage ?? ''],
    queryFn: ({ pageParam }) =>
      value(
        api.GET('/api/books', {
          params: { query: { find, onShelf, from: pageParam, ...(stage ? { stage } : {}) } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const shown = all.reduce((sum, part) => sum + part.books.length, 0);
      return shown < last.all && last.books.length > 0 ? shown : undefined;
    },
    placeholderData: keepPreviousData,
  });
  const pages = parts.data?.pages ?? [];
  const last = pages[pages.length - 1];
  return {
    parts,
    books: pages.flatMap((part) => part.books),
    all: last?.all ?? 0,
    stages: last?.stages ?? [],
    more: parts.hasNextPage ? () => void parts.fetchNextPage() : undefined,
  };
}

/**
 * Takes a book from where it lies, before the bench is asked for anew: table and shelf are answered one after the other, and nothing
 * stands in both meanwhile.
 */
export function takenUp(client: QueryClient, id: string): void {
  client.setQueriesData<InfiniteData<BenchView>>(
    { queryKey: ['bench'], predicate: ({ queryKey }) => typeof queryKey[1] === 'boolean' },
    (had) =>
      had?.pages.some((part) => part.books.some((book) => book.id === id))
        ? {
            ...had,
            pages: had.pages.map((part) => ({
              ...part,
              all: part.all - 1,
              books: part.books.filter((book) => book.id !== id),
            })),
          }
        : had,
  );
}

/** What is to be known when one comes to the bench; the bench is there without it. */
export function useNow() {
  return useQuery({
    queryKey: ['bench', 'now'],
    queryFn: () => value(api.GET('/api/bench')),
    placeholderData: keepPreviousData,
  }).data;
}
