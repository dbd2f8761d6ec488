import { LRUCache } from 'lru-cache';
import { readOnce } from '../readOnce';
import type { Notifications } from './notifications';

/** Tables that tell when a row of theirs has changed. */
type NotifiedTable = 'members' | 'proofs' | 'http_sessions';

const MOST_KEPT = 2000;

/** Whether changes are heard of at all: where they are not, everything is read anew. */
let heard: Notifications | null = null;

const caches: RowCache<unknown>[] = [];

/** From now on what was read is kept until its table tells of a change. */
export function hearChanges(notifications: Notifications): void {
  heard = notifications;
  notifications.on('row_changed', (table) =>
    caches.filter((cache) => cache.table === table).forEach((cache) => cache.drop()),
  );
  notifications.onceMissed(() => caches.forEach((cache) => cache.drop()));
}

/**
 * What was read of a table, until any of its rows changes, on whichever server. A table that changes
 * seldom is read once for all that ask; what is read while it changes is not kept.
 */
export class RowCache<Value> {
  private kept = this.empty();

  constructor(readonly table: NotifiedTable) {
    caches.push(this as RowCache<unknown>);
  }

  async get(key: string, read: () => Promise<Value>): Promise<Value> {
    if (!heard?.areHeard) return read();
    return readOnce(this.kept, key, read);
  }

  /** Whoever has changed a row here need not wait until that is told. */
  drop(): void {
    // A reading under way goes on into what is dropped.
    this.kept = this.empty();
  }

  private empty(): LRUCache<string, Promise<Value>> {
    return new LRUCache({ max: MOST_KEPT });
  }
}
