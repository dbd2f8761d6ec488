import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { QueryClient } from '@tanstack/react-query';
import { del, get, set } from 'idb-keyval';

const ONE_MONTH_MS = 30 * 24 * 60 * 60 * 1000;

/** Lists and sheets from the server, kept so that they can be read with no network. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: { networkMode: 'always', retry: false, gcTime: ONE_MONTH_MS, staleTime: 5000 },
    mutations: { networkMode: 'always', retry: false },
  },
});

export const persistOptions = {
  persister: createAsyncStoragePersister({
    storage: { getItem: get, setItem: set, removeItem: del },
    key: 'cardinex.lists',
    throttleTime: 500,
  }),
  maxAge: ONE_MONTH_MS,
  buster: '1',
};
