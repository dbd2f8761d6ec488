import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { client } from '@cardinex/contract/client';

export function useInstance() {
  return useQuery({ queryKey: ['instance'], queryFn: client.instance });
}

/** Who is signed in here; null when nobody is. Kept for when there is no network. */
export function useSessionQuery(enabled: boolean) {
  return useQuery({ queryKey: ['session'], enabled, queryFn: client.session });
}

export function useSheets() {
  return useQuery({ queryKey: ['sheets'], queryFn: client.sheets });
}

export function useTools() {
  return useQuery({ queryKey: ['tools'], queryFn: client.tools });
}

const BOARD_REFRESH_MS = 10_000;

export function useJobs() {
  return useQuery({ queryKey: ['jobs'], queryFn: client.jobs, refetchInterval: BOARD_REFRESH_MS });
}

/**
 * Finished jobs beyond those of the board, a page at a time when it is asked for.
 * @param first where the board's own end
 */
export function useOlderFinished(first: string | null) {
  return useInfiniteQuery({
    queryKey: ['jobs', 'finished', first],
    queryFn: ({ pageParam }) => client.finishedJobs(pageParam),
    initialPageParam: first ?? '',
    getNextPageParam: (page) => page.moreFinished,
    enabled: false,
  });
}
