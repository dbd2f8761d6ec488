import type { KeptAct } from './kept';
import { LedgerStorage } from './storage';

/**
 * Acts this device kept for another database at the same address: a copy that was seeded anew, or
 * one that ran on this port before. They are never sent here, and never dropped silently.
 * @param instance the database's own id that is answering now
 */
export async function otherOutboxes(instance: string): Promise<readonly KeptAct[]> {
  if (!('databases' in indexedDB)) return [];
  const names = (await indexedDB.databases()).map((db) => db.name ?? '');
  const others = names.filter(
    (name) => name.startsWith('cardinex-') && name !== `cardinex-${instance}`,
  );
  const stored = await Promise.all(
    others.map(async (name) => {
      const storage = await LedgerStorage.open(name.slice('cardinex-'.length));
      const acts = await storage.allKept();
      storage.close();
      return acts;
    }),
  );
  return stored.flat();
}
