import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { QueryClient, type Query } from '@tanstack/react-query';
import { del, get, set } from 'idb-keyval';

/**
 * Lists and sheets from the server, kept for good so that they can be read with no network: an
 * engine may be parked, or a ship at sea, for months. (A finite time beyond 24 days would overflow
 * the browser's timer and forget everything at once.)
 */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: { networkMode: 'always', retry: false, gcTime: Infinity, staleTime: 5000 },
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
