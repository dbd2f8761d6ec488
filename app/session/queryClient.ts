import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { AnsweredProblem } from '@cardinex/contract/client';
import { QueryClient, type Query } from '@tanstack/react-query';
import { del, get, set } from 'idb-keyval';

/** How often a server that is busy, or just starting, is asked again at once. */
const RETRIES = 5;
/** How long what got no answer is left before it is asked again. */
const ASK_AGAIN_MS = 10_000;

/** Was it answered once for all: refused, or not there? */
function isFinal(error: Error | null): boolean {
  return error instanceof AnsweredProblem && error.problem.status < 500;
}

/**
 * Is a question asked again at once? A server that says it cannot answer just now will in a moment; with no network
 * nothing is waited for: what is stored here is shown instead.
 */
export function asksAgain(failures: number, error: Error): boolean {
  return failures < RETRIES && error instanceof AnsweredProblem && !isFinal(error);
}

/** After how long a question that failed is asked again by itself; false where that would change nothing. */
export function asksLater(error: Error | null): number | false {
  return error === null || isFinal(error) ? false : ASK_AGAIN_MS;
}

/**
 * Lists and sheets from the server, kept for good so that they can be read with no network: an
 * engine may be parked, or a ship at sea, for months. (A finite time beyond 24 days would overflow
 * the browser's timer and forget everything at once.)
 */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      retry: asksAgain,
      // The answer to what failed may be what a whole screen waits for.
      refetchInterval: ({ state }) => asksLater(state.error),
      gcTime: Infinity,
      staleTime: 5000,
    },
    mutations: { networkMode: 'always', retry: false },
  },
});

export const persistOptions = {
  persister: createAsyncStoragePersister({
    storage: { getItem: get, setItem: set, removeItem: del },
    key: 'cardinex.lists',
    throttleTime: 500,
  }),
  // What was once answered is kept, also when it could not be asked for again: with no network a page
  // may be opened many times. That nobody is signed in is not worth remembering: it may be older than
  // a sign-in a moment ago, and would send someone back to the PIN.
  dehydrateOptions: {
    shouldDehydrateQuery: ({ state: { data } }: Query) => data !== undefined && data !== null,
  },
  maxAge: Infinity,
  buster: '1',
};
