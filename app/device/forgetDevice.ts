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
  // One thing that cannot be wiped leaves nothing else unwiped.
  await Promise.allSettled([wipeRemembered(), wipeKept(), wipeApp()]);
}

async function wipeRemembered(): Promise<void> {
  localStorage.clear();
  sessionStorage.clear();
  // Lists are kept through a connection that stays open: they are emptied, not removed.
  await clear();
}

async function wipeKept(): Promise<void> {
  const names = (await indexedDB.databases()).flatMap(({ name }) => name ?? []);
  const own = names.filter((name) => name.startsWith('cardinex-'));
  await Promise.all(own.map((name) => deleteDB(name)));
}

async function wipeApp(): Promise<void> {
  if ('caches' in window) {
    await Promise.all((await caches.keys()).map((name) => caches.delete(name)));
  }
  // Not there on a page that came over plain HTTP.
  if ('serviceWorker' in navigator) {
    const workers = await navigator.serviceWorker.getRegistrations();
    await Promise.all(workers.map((worker) => worker.unregister()));
  }
}
