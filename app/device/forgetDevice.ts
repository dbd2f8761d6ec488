import { clear } from 'idb-keyval';
import { deleteDB } from 'idb';
import { client } from '@cardinex/contract/client';

/**
 * Wipes everything of every shop from this browser, once the server has forgotten the device: what it
 * keeps, its lists, what it remembers of its readers, and the app's own files. The page is opened anew
 * afterwards, as on a device never used.
 * @throws when the server does not answer: a device that is only wiped here could still go in
 */
export async function forgetDevice(): Promise<void> {
  await client.forgetDevice();
  localStorage.clear();
  sessionStorage.clear();
  const names = (await indexedDB.databases()).flatMap(({ name }) => name ?? []);
  // Lists are kept through a connection that stays open: they are emptied, not removed.
  await clear().catch(() => undefined);
  await Promise.all(
    names.filter((name) => name.startsWith('cardinex-')).map((name) => deleteDB(name)),
  );
  if ('caches' in window) {
    await Promise.all((await caches.keys()).map((name) => caches.delete(name)));
  }
  const workers = (await navigator.serviceWorker?.getRegistrations?.()) ?? [];
  await Promise.all(workers.map((worker) => worker.unregister()));
}
