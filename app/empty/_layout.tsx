import '../global.css';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { QueryClient } from '@tanstack/react-query';
import { del, get, set } from 'idb-keyval';
import { Slot } from 'expo-router';

const client = new QueryClient();
const persister = createAsyncStoragePersister({
  storage: { getItem: get, setItem: set, removeItem: del },
});

export default function Layout() {
  return (
    <PersistQueryClientProvider client={client} persistOptions={{ persister }}>
      <Slot />
    </PersistQueryClientProvider>
  );
}
