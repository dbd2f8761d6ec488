import type { KeptAct, KeptPhotograph } from './kept';
import type { IDBPObjectStore } from 'idb';
import type { SheetRevision } from '@cardinex/contract/sheets/revisions';
import type { Act, JobEvent } from '@cardinex/core/job/act';
import { countFloor, raiseCountFloor } from './countFloor';
import { DeviceDatabase, type LedgerSchema } from './deviceDatabase';

/**
 * The device's own copy of the logs it works on, and its outbox. Named by the database's own id,
 * so that a copy of Cardinex on another database never sees these acts.
 */
export class LedgerStorage {
  private readonly database: DeviceDatabase;

  private constructor(private readonly name: string) {
    this.database = new DeviceDatabase(name);
  }

  /** @throws StorageFault when the browser keeps nothing on this device */
  static async open(instance: string): Promise<LedgerStorage> {
    const storage = new LedgerStorage(`cardinex-${instance}`);
    await storage.database.run(async () => undefined);
    return storage;
  }

  close(): void {
    this.database.close();
  }

  async keepPhotograph(photograph: KeptPhotograph): Promise<void> {
    await this.database.run((db) => db.put('photographs', photograph, undefined));
  }

  async photographsOf(jobId: string): Promise<KeptPhotograph[]> {
    return this.database.run((db) => db.getAllFromIndex('photographs', 'job', jobId));
  }

  /** The next photograph that has not gone out, of which the server's log tells already. */
  async nextToSend(): Promise<KeptPhotograph | null> {
    const untold = new Set(
      (await this.allKept()).flatMap(({ act }) =>
        act.type === 'photograph.taken' ? [act.data.photograph] : [],
      ),
    );
    return this.database.run(async (db) => {
      for (let cursor = await db.transaction('photographs').store.openCursor(); cursor;) {
        const { id, picture, problem } = cursor.value;
        if (picture && problem === undefined && !untold.has(id)) return cursor.value;
        cursor = await cursor.continue();
      }
      return null;
    });
  }

  async sheetOf(jobId: string): Promise<SheetRevision | undefined> {
    return (await this.database.run((db) => db.get('jobs', jobId)))?.sheet;
  }

  /** The server's log of a job after a place in it, as far as this device has it without a gap. */
  async eventsOf(jobId: string, afterSeq = 0): Promise<JobEvent[]> {
    const rows = await this.database.run((db) => db.getAll('events', rowsOf(jobId)));
    const bySeq = new Map(rows.flatMap((row) => row.events).map((event) => [event.seq, event]));
    const events: JobEvent[] = [];
    for (let seq = afterSeq + 1; ; seq += 1) {
      const event = bySeq.get(seq);
      if (!event) return events;
      events.push(event);
    }
  }

  /** Up to which event of the server's log this device has all; 0 when it has none. */
  async headOf(jobId: string): Promise<number> {
    return (await this.database.run((db) => db.get('heads', jobId))) ?? 0;
  }

  /** Acts not in the server's log yet, in order; refused ones among them. */
  async keptOf(jobId: string): Promise<KeptAct[]> {
    const rows = await this.database.run((db) => db.getAllFromIndex('outbox', 'job', jobId));
    return rows.map(placed);
  }

  async allKept(): Promise<KeptAct[]> {
    return (await this.database.run((db) => db.getAll('outbox'))).map(placed);
  }

  async putSheet(id: string, sheet: SheetRevision): Promise<void> {
    await this.database.run((db) => db.put('jobs', { id, sheet }));
  }

  /**
   * Keeps events of the server's log, in order, and drops from the outbox what has become one of
   * them. Events of others may be missing between them: they come another way.
   * @param sheet of a job that is new to this device: written together with its events, or a
   *   page closed half-way would leave a job that looks untouched
   */
  async putEvents(
    jobId: string,
    events: readonly JobEvent[],
    sheet?: SheetRevision,
  ): Promise<void> {
    const stores = ['jobs', 'events', 'heads', 'outbox'] as const;
    await this.database.run((db) =>
      whole(db.transaction(stores, 'readwrite'), async (tx) => {
        const [kept, head = 0] = await Promise.all([
          tx.objectStore('outbox').index('job').getAll(jobId),
          tx.objectStore('heads').get(jobId),
        ]);
        const arrived = new Set(events.map((event) => event.id));
        const runs = unbroken(events);
        const newHead = runs.reduce(
          (to, run) => (run.first <= to + 1 ? Math.max(to, run.last) : to),
          head,
        );
        await allOf([
          ...(sheet ? [() => tx.objectStore('jobs').put({ id: jobId, sheet })] : []),
          ...runs.map((run) => () => putRun(tx.objectStore('events'), jobId, run)),
          () => tx.objectStore('heads').put(newHead, jobId),
          ...kept.flatMap(({ act, place }) =>
            arrived.has(act.id) && place !== undefined
              ? [() => tx.objectStore('outbox').delete(place)]
              : [],
          ),
        ]);
      }),
    );
  }

  /**
   * Writes acts to the outbox in order, counted, all of them or none. Resolves when the write is on
   * the disk: only then may the next act be shown.
   * @param countedSoFar how far this device has counted by the server's log
   * @throws StorageFault when they were not written; then none of them was counted either
   */
  async keep(
    jobId: string,
    makeActs: readonly ((count: number) => Act)[],
    countedSoFar = 0,
  ): Promise<readonly Act[]> {
    const acts = await this.database.run((db) =>
      whole(
        db.transaction(['outbox', 'counts'], 'readwrite', { durability: 'strict' }),
        async (tx) => {
          const before = Math.max(
            (await tx.objectStore('counts').get(jobId)) ?? 0,
            countedSoFar,
            countFloor(this.name, jobId),
          );
          const made = makeActs.map((make, place) => make(before + place + 1));
          await allOf([
            () => tx.objectStore('counts').put(before + made.length, jobId),
            ...made.map((act) => () => tx.objectStore('outbox').add({ jobId, act })),
          ]);
          return made;
        },
      ),
    );
    raiseCountFloor(this.name, jobId, acts.at(-1)?.count ?? 0);
    return acts;
  }

  /** What the next act of this device on a job counts, where it goes out without being kept here. */
  nextCount(jobId: string, countedSoFar: number): number {
    return Math.max(countedSoFar, countFloor(this.name, jobId)) + 1;
  }

  /** An act went out with this count, past what is kept here. */
  counted(jobId: string, count: number): void {
    raiseCountFloor(this.name, jobId, count);
  }

  /** Marks acts the server would not take. */
  async refuse(refusals: readonly KeptAct[]): Promise<void> {
    await this.changeOutbox((outbox) => refusals.map((stored) => () => outbox.put(stored)));
  }

  /** Takes the mark off refused acts: they wait to be sent again. */
  async forgive(refused: readonly KeptAct[]): Promise<void> {
    await this.changeOutbox((outbox) =>
      refused.map(
        ({ problem: _put, ...kept }) =>
          () =>
            outbox.put(kept),
      ),
    );
  }

  /** Puts a refused act aside, its reader having seen it. */
  async drop(places: readonly number[]): Promise<void> {
    await this.changeOutbox((outbox) => places.map((place) => () => outbox.delete(place)));
  }

  private async changeOutbox(change: (outbox: OutboxStore) => readonly Write[]): Promise<void> {
    await this.database.run((db) =>
      whole(db.transaction('outbox', 'readwrite'), (tx) => allOf(change(tx.store))),
    );
  }
}

type Write = () => Promise<unknown>;

/** Writes all; where a browser refuses one outright, the others are not left to fail unheard. */
async function allOf(writes: readonly Write[]): Promise<void> {
  await Promise.all(writes.map(async (write) => write()));
}

type OutboxStore = IDBPObjectStore<LedgerSchema, ['outbox'], 'outbox', 'readwrite'>;

/** All of a transaction or nothing of it: what is thrown on the way takes back what was written before. */
async function whole<Tx extends { readonly done: Promise<void>; abort(): void }, T>(
  tx: Tx,
  work: (tx: Tx) => Promise<T>,
): Promise<T> {
  // Awaited below, unless something else is thrown first.
  tx.done.catch(() => undefined);
  try {
    const result = await work(tx);
    await tx.done;
    return result;
  } catch (error) {
    try {
      tx.abort();
    } catch {
      // It is over already.
    }
    throw error;
  }
}

interface Unbroken {
  readonly first: number;
  readonly last: number;
  readonly events: readonly JobEvent[];
}

/** Events in runs whose sequence has no gap. */
function unbroken(events: readonly JobEvent[]): Unbroken[] {
  const runs: { first: number; last: number; events: JobEvent[] }[] = [];
  for (const event of [...events].sort((a, b) => a.seq - b.seq)) {
    const run = runs.at(-1);
    if (run && event.seq === run.last + 1) {
      run.last = event.seq;
      run.events.push(event);
    } else runs.push({ first: event.seq, last: event.seq, events: [event] });
  }
  return runs;
}

type EventsStore = IDBPObjectStore<
  LedgerSchema,
  ('jobs' | 'events' | 'heads' | 'outbox')[],
  'events',
  'readwrite'
>;

/** Writes a run as one row, in place of the rows that lie within it: those came one by one. */
async function putRun(store: EventsStore, jobId: string, run: Unbroken): Promise<void> {
  const within = await store.getAll(IDBKeyRange.bound([jobId, run.first], [jobId, run.last]));
  const covered = within.filter((row) => (row.events.at(-1)?.seq ?? 0) <= run.last);
  await allOf([
    ...covered.map((row) => () => store.delete([jobId, row.firstSeq])),
    // A longer row that begins at the same event holds all of this one.
    ...(within.some((row) => row.firstSeq === run.first && !covered.includes(row))
      ? []
      : [() => store.put({ jobId, firstSeq: run.first, events: run.events })]),
  ]);
}

/** The rows of one job. */
function rowsOf(jobId: string): IDBKeyRange {
  return IDBKeyRange.bound([jobId, 0], [jobId, Infinity]);
}

function placed(row: Omit<KeptAct, 'place'> & { place?: number }): KeptAct {
  return { ...row, place: row.place ?? 0 };
}
