import { useInfiniteQuery } from '@tanstack/react-query';
import { api, value } from '../../api/client';

/** The books on the bench, or on the shelf, whose name or purpose holds the text: as many as were asked for so far. */
export function useBooks(find: string, onShelf: boolean) {
  const parts = useInfiniteQuery({
    queryKey: ['bench', onShelf, find],
    queryFn: ({ pageParam }) => value(api.GET('/api/books', { params: { query: { find, onShelf, from: pageParam } } })),
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const shown = all.reduce((sum, part) => sum + part.books.length, 0);
      return shown < last.all && last.books.length > 0 ? shown : undefined;
    },
    placeholderData: (before) => before,
  });
  const pages = parts.data?.pages ?? [];
  return {
    parts,
    books: pages.flatMap((part) => part.books),
    all: pages[pages.length - 1]?.all ?? 0,
    more: parts.hasNextPage ? () => void parts.fetchNextPage() : undefined,
  };
}
