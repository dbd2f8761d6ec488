import { IDBFactory } from 'fake-indexeddb';
import fc from 'fast-check';
import { openDB } from 'idb';
import type { Act, JobEvent } from '@cardinex/core/job/act';
import { LedgerStorage } from './storage';

const JOB = 'a-job';
const event = (seq: number): JobEvent => ({ id: `act-${seq}`, seq }) as unknown as JobEvent;
const seqs = (events: readonly JobEvent[]): number[] => events.map((e) => e.seq);
const upTo = (last: number): number[] => Array.from({ length: last }, (_, place) => place + 1);

let storage: LedgerStorage;

beforeEach(async () => {
  indexedDB = new IDBFactory();
  localStorage.clear();
  storage = await LedgerStorage.open('test');
});

describe('the log of a job on the device', () => {
  it('is given as far as it has no gap, and whole once the gap is filled', async () => {
    await storage.putEvents(JOB, [event(1), event(2)]);
    await storage.putEvents(JOB, [event(4), event(5)]);
    expect(seqs(await storage.eventsOf(JOB))).toEqual([1, 2]);
    expect(await storage.headOf(JOB)).toBe(2);
    await storage.putEvents(JOB, [event(3)]);
    expect(seqs(await storage.eventsOf(JOB))).toEqual([1, 2, 3, 4, 5]);
    expect(seqs(await storage.eventsOf(JOB, 3))).toEqual([4, 5]);
  });

  it('holds each event once however often and in whatever pieces it came', async () => {
    const pieces = fc.array(fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1 }), {
      maxLength: 8,
    });
    await fc.assert(
      fc.asyncProperty(pieces, async (batches) => {
        indexedDB = new IDBFactory();
        const fresh = await LedgerStorage.open('test');
        for (const batch of batches) {
          const some = [...new Set(batch)].sort((a, b) => a - b);
          await fresh.putEvents(JOB, some.map(event));
        }
        const all = new Set(batches.flat());
        let whole = 0;
        while (all.has(whole + 1)) whole += 1;
        expect(seqs(await fresh.eventsOf(JOB))).toEqual(upTo(whole));
        expect(await fresh.headOf(JOB)).toBeLessThanOrEqual(whole);
        fresh.close();
      }),
      { numRuns: 40 },
    );
  });

  it('takes out of the outbox what has become an event, and nothing else', async () => {
    const act = (count: number) => ({ id: `act-${count}`, count }) as unknown as Act;
    await storage.keep(JOB, [act]);
    await storage.keep(JOB, [act]);
    await storage.keep('another', [(count) => ({ id: 'act-1', count }) as unknown as Act]);
    await storage.putEvents(JOB, [event(1)]);
    expect((await storage.allKept()).map((k) => [k.jobId, k.act.id])).toEqual([
      [JOB, 'act-2'],
      ['another', 'act-1'],
    ]);
  });

  it('counts acts for each job by itself', async () => {
    const stored = [JOB, 'another', JOB].map((job) =>
      storage.keep(job, [(count) => ({ id: `${job}-${count}`, count }) as unknown as Act]),
    );
    expect((await Promise.all(stored)).flat().map((act) => act.count)).toEqual([1, 1, 2]);
  });
});

describe('photographs on the device', () => {
  const blob = (): Blob => new Blob(['picture']);
  const photograph = (id: string) => ({ id, jobId: JOB, picture: blob(), small: blob() });
  const storyOf = (id: string) => (count: number) =>
    ({ id: `act-${count}`, type: 'photograph.taken', data: { photograph: id } }) as unknown as Act;

  it('go out only once the server’s log tells of them', async () => {
    await storage.keepPhotograph(photograph('one'));
    const [act] = await storage.keep(JOB, [storyOf('one')]);
    expect(await storage.nextToSend()).toBeNull();
    await storage.putEvents(JOB, [{ ...act, seq: 1 } as unknown as JobEvent]);
    expect((await storage.nextToSend())?.id).toBe('one');
  });

  it('once sent keep only what is shown small, and one refused holds up none behind it', async () => {
    await storage.keepPhotograph({ ...photograph('a'), problem: 'not a picture' });
    await storage.keepPhotograph(photograph('b'));
    expect((await storage.nextToSend())?.id).toBe('b');
    await storage.keepPhotograph({ id: 'b', jobId: JOB, small: blob() });
    expect(await storage.nextToSend()).toBeNull();
    expect((await storage.photographsOf(JOB)).map(({ id }) => id)).toEqual(['a', 'b']);
  });

  it('are kept by an app that comes after one that knew of none', async () => {
    await storage.putEvents(JOB, [event(1)]);
    storage.close();
    indexedDB = new IDBFactory();
    const before = await openDB('cardinex-old', 1, {
      upgrade(fresh) {
        fresh.createObjectStore('jobs', { keyPath: 'id' });
        fresh.createObjectStore('events', { keyPath: ['jobId', 'firstSeq'] });
        fresh
          .createObjectStore('outbox', { keyPath: 'place', autoIncrement: true })
          .createIndex('job', 'jobId');
        fresh.createObjectStore('heads');
        fresh.createObjectStore('counts');
      },
    });
    await before.put('outbox', { jobId: JOB, act: { id: 'kept' } });
    before.close();
    const after = await LedgerStorage.open('old');
    expect(await after.allKept()).toHaveLength(1);
    await after.keepPhotograph(photograph('new'));
    expect(await after.photographsOf(JOB)).toHaveLength(1);
    after.close();
  });
});

describe('when the browser will not write', () => {
  const act = (count: number): Act => ({ id: `act-${count}`, count }) as unknown as Act;
  const add = IDBObjectStore.prototype.add;

  afterEach(() => {
    IDBObjectStore.prototype.add = add;
  });

  it('an act that is not kept is not counted either, and why is said', async () => {
    await storage.keep(JOB, [act]);
    IDBObjectStore.prototype.add = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
    await expect(storage.keep(JOB, [act])).rejects.toMatchObject({
      name: 'StorageFault',
      trouble: 'full',
    });
    IDBObjectStore.prototype.add = add;
    expect(await storage.keep(JOB, [act])).toMatchObject([{ count: 2 }]);
    expect(await storage.keptOf(JOB)).toHaveLength(2);
  });

  it('of several acts none is kept when one of them is not', async () => {
    let written = 0;
    IDBObjectStore.prototype.add = function addOnce(this: IDBObjectStore, ...args) {
      written += 1;
      if (written > 1) throw new DOMException('no room', 'QuotaExceededError');
      return add.apply(this, args);
    };
    await expect(storage.keep(JOB, [act, act])).rejects.toMatchObject({ trouble: 'full' });
    expect(await storage.keptOf(JOB)).toEqual([]);
  });

  it('closed under it by a newer app, it is opened again and goes on', async () => {
    await storage.keep(JOB, [act]);
    const newer = await openDB('cardinex-test', 99);
    newer.close();
    expect(await storage.keep(JOB, [act])).toMatchObject([{ count: 2 }]);
    // So it is after a reload, when the newer version stands there already.
    const again = await LedgerStorage.open('test');
    expect(await again.keptOf(JOB)).toHaveLength(2);
    again.close();
  });

  it('cleared by the browser it counts on from where this device had counted', async () => {
    await storage.keep(JOB, [act, act]);
    storage.close();
    indexedDB = new IDBFactory();
    const cleared = await LedgerStorage.open('test');
    expect(await cleared.keep(JOB, [act])).toMatchObject([{ count: 3 }]);
    // Where all of it was cleared, the server's log tells.
    localStorage.clear();
    expect(await cleared.keep(JOB, [act], 7)).toMatchObject([{ count: 8 }]);
    cleared.close();
  });
});
