import type { KeptAct, KeptPhotograph } from './kept';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { SheetRevision } from '@cardinex/contract/sheets/revisions';
import type { JobEvent } from '@cardinex/core/job/act';

export interface LedgerSchema extends DBSchema {
  jobs: { key: string; value: { id: string; sheet: SheetRevision } };
  /** Events as they arrived together, by the first of them: a row each would take long to write. */
  events: {
    key: [string, number];
    value: { jobId: string; firstSeq: number; events: readonly JobEvent[] };
  };
  outbox: {
    key: number;
    value: Omit<KeptAct, 'place'> & { place?: number };
    indexes: { job: string };
  };
  /** Up to which event of a job's log there is no gap. */
  heads: { key: string; value: number };
  counts: { key: string; value: number };
  photographs: { key: string; value: KeptPhotograph; indexes: { job: string } };
}

type LedgerDb = IDBPDatabase<LedgerSchema>;

const VERSION = 2;
const STORES = ['jobs', 'events', 'outbox', 'heads', 'counts', 'photographs'] as const;

/** Why this device could not write or read what it keeps. */
export type StorageTrouble = 'full' | 'closed' | 'failed';

/** The browser would not write or read what this device keeps; nothing of it was half done. */
export class StorageFault extends Error {
  constructor(
    readonly trouble: StorageTrouble,
    override readonly cause: unknown,
  ) {
    super(`this device's storage: ${trouble}`);
    this.name = 'StorageFault';
  }
}

/**
 * The browser's database of one instance, opened again whenever it was closed under the app: by
 * another tab that wanted a newer version, or by a browser short of room.
 */
export class DeviceDatabase {
  private opened: Promise<LedgerDb> | null = null;
  private left = false;

  constructor(private readonly name: string) {}

  close(): void {
    this.left = true;
    void this.opened?.then((db) => db.close()).catch(() => undefined);
  }

  /**
   * Does some work on the database; where it turns out to be closed, once more on a fresh one.
   * @throws StorageFault when the browser would not
   */
  async run<T>(work: (db: LedgerDb) => Promise<T>): Promise<T> {
    try {
      return await work(await this.open());
    } catch (error) {
      if (this.left || !isClosed(error)) throw asFault(error);
      this.opened = null;
    }
    try {
      return await work(await this.open());
    } catch (error) {
      throw asFault(error);
    }
  }

  private open(): Promise<LedgerDb> {
    this.opened ??= this.openOnce().catch((error: unknown) => {
      this.opened = null;
      throw error;
    });
    return this.opened;
  }

  private async openOnce(): Promise<LedgerDb> {
    const forget = (): void => {
      this.opened = null;
    };
    const callbacks = {
      // A newer app in another tab must not wait for this one for ever.
      blocking: (_now: number, _wanted: number | null, event: IDBVersionChangeEvent): void => {
        forget();
        (event.target as IDBDatabase).close();
      },
      terminated: forget,
    };
    try {
      return await openDB<LedgerSchema>(this.name, VERSION, { ...callbacks, upgrade });
    } catch (error) {
      if (!(error instanceof DOMException && error.name === 'VersionError')) throw error;
      // A newer app has been here. What it keeps is read as it is, as long as all of it is there.
      const newer = await openDB<LedgerSchema>(this.name, undefined, callbacks);
      if (STORES.every((store) => newer.objectStoreNames.contains(store))) return newer;
      newer.close();
      throw error;
    }
  }
}

function upgrade(fresh: LedgerDb, before: number): void {
  fresh.createObjectStore('photographs', { keyPath: 'id' }).createIndex('job', 'jobId');
  if (before === 1) return;
  fresh.createObjectStore('jobs', { keyPath: 'id' });
  fresh.createObjectStore('events', { keyPath: ['jobId', 'firstSeq'] });
  fresh
    .createObjectStore('outbox', { keyPath: 'place', autoIncrement: true })
    .createIndex('job', 'jobId');
  fresh.createObjectStore('heads');
  fresh.createObjectStore('counts');
}

function isClosed(error: unknown): boolean {
  return error instanceof DOMException && error.name === 'InvalidStateError';
}

function asFault(error: unknown): StorageFault {
  if (error instanceof StorageFault) return error;
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'QuotaExceededError') return new StorageFault('full', error);
  return new StorageFault(isClosed(error) ? 'closed' : 'failed', error);
}
