import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { SheetRevision } from '@cardinex/contract/api';
import type { Outcome } from '@cardinex/contract/acts/outcome';
import type { Act, JobEvent } from '@cardinex/core/job/act';

/** An act this device has not yet seen in the server's log. */
export interface KeptAct {
  /** Its place in the order of sending. */
  readonly place: number;
  readonly jobId: string;
  readonly act: Act;
  /** Why the server would not take it; kept all the same, to be shown and exported. */
  readonly problem?: Extract<Outcome, { status: 'refused' }>['problem'];
}

interface LedgerSchema extends DBSchema {
  jobs: { key: string; value: { id: string; sheet: SheetRevision } };
  events: { key: [string, number]; value: { jobId: string; seq: number; event: JobEvent } };
  outbox: {
    key: number;
    value: Omit<KeptAct, 'place'> & { place?: number };
    indexes: { job: string };
  };
  counts: { key: string; value: number };
}

/**
 * The device's own copy of the logs it works on, and its outbox. Named by the database's own id,
 * so that a copy of Cardinex on another database never sees these acts.
 */
export class LedgerStorage {
  private constructor(private readonly db: IDBPDatabase<LedgerSchema>) {}

  static async open(instance: string): Promise<LedgerStorage> {
    const db = await openDB<LedgerSchema>(`cardinex-${instance}`, 1, {
      upgrade(fresh) {
        fresh.createObjectStore('jobs', { keyPath: 'id' });
        fresh.createObjectStore('events', { keyPath: ['jobId', 'seq'] });
        fresh
          .createObjectStore('outbox', { keyPath: 'place', autoIncrement: true })
          .createIndex('job', 'jobId');
        fresh.createObjectStore('counts');
      },
    });
    return new LedgerStorage(db);
  }

  close(): void {
    this.db.close();
  }

  async sheetOf(jobId: string): Promise<SheetRevision | undefined> {
    return (await this.db.get('jobs', jobId))?.sheet;
  }

  /** The server's log of a job as far as this device has it, after a place in it. */
  async eventsOf(jobId: string, afterSeq = 0): Promise<JobEvent[]> {
    const range = IDBKeyRange.bound([jobId, afterSeq + 1], [jobId, Infinity]);
    return (await this.db.getAll('events', range)).map((row) => row.event);
  }

  /** The last event of the server's log that this device has; 0 when it has none. */
  async headOf(jobId: string): Promise<number> {
    const range = IDBKeyRange.bound([jobId, 0], [jobId, Infinity]);
    const last = await this.db.transaction('events').store.openKeyCursor(range, 'prev');
    return last?.key[1] ?? 0;
  }

  /** Acts not in the server's log yet, in order; refused ones among them. */
  async keptOf(jobId: string): Promise<KeptAct[]> {
    return (await this.db.getAllFromIndex('outbox', 'job', jobId)).map(placed);
  }

  async allKept(): Promise<KeptAct[]> {
    return (await this.db.getAll('outbox')).map(placed);
  }

  async putSheet(id: string, sheet: SheetRevision): Promise<void> {
    await this.db.put('jobs', { id, sheet });
  }

  /**
   * Keeps events of the server's log, and drops from the outbox what has become one of them.
   * @param sheet of a job that is new to this device: written together with its events, or a
   *   page closed half-way would leave a job that looks untouched
   */
  async putEvents(
    jobId: string,
    events: readonly JobEvent[],
    sheet?: SheetRevision,
  ): Promise<void> {
    const tx = this.db.transaction(['jobs', 'events', 'outbox'], 'readwrite');
    const arrived = new Set(events.map((event) => event.id));
    const kept = await tx.objectStore('outbox').index('job').getAll(jobId);
    await Promise.all([
      ...(sheet ? [tx.objectStore('jobs').put({ id: jobId, sheet })] : []),
      ...events.map((event) => tx.objectStore('events').put({ jobId, seq: event.seq, event })),
      ...kept.flatMap(({ act, place }) =>
        arrived.has(act.id) && place !== undefined ? [tx.objectStore('outbox').delete(place)] : [],
      ),
      tx.done,
    ]);
  }

  /**
   * Writes an act to the outbox, counted. Resolves when the write is on the disk: only then may
   * the next act be shown.
   */
  async keep(jobId: string, makeAct: (count: number) => Act): Promise<Act> {
    const tx = this.db.transaction(['outbox', 'counts'], 'readwrite', { durability: 'strict' });
    const count = ((await tx.objectStore('counts').get(jobId)) ?? 0) + 1;
    const act = makeAct(count);
    await Promise.all([
      tx.objectStore('counts').put(count, jobId),
      tx.objectStore('outbox').add({ jobId, act }),
      tx.done,
    ]);
    return act;
  }

  /** Marks acts the server would not take. */
  async refuse(refusals: readonly KeptAct[]): Promise<void> {
    const tx = this.db.transaction('outbox', 'readwrite');
    await Promise.all([...refusals.map((kept) => tx.store.put(kept)), tx.done]);
  }

  /** Takes the mark off refused acts: they wait to be sent again. */
  async forgive(refused: readonly KeptAct[]): Promise<void> {
    const tx = this.db.transaction('outbox', 'readwrite');
    await Promise.all([
      ...refused.map(({ problem: _put, ...kept }) => tx.store.put(kept)),
      tx.done,
    ]);
  }

  /** Puts a refused act aside, its reader having seen it. */
  async drop(places: readonly number[]): Promise<void> {
    const tx = this.db.transaction('outbox', 'readwrite');
    await Promise.all([...places.map((place) => tx.store.delete(place)), tx.done]);
  }
}

function placed(row: Omit<KeptAct, 'place'> & { place?: number }): KeptAct {
  return { ...row, place: row.place ?? 0 };
}
