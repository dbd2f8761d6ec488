import { Writable } from 'node:stream';
import type { Response } from 'express';
import type { LoggedAct } from '@cardinex/core/job/act';
import { JobLog } from '@cardinex/core/job/log';
import { Feed } from '../live/feed';
import { Listener } from '../live/listener';

/** A log of so many acts, each of about a kilobyte. */
function logOf(acts: number): JobLog {
  const log = Array.from({ length: acts }, (_, place) => ({
    seq: place + 1,
    id: `a${place + 1}`,
    words: 'x'.repeat(1000),
  }));
  return JobLog.of(log as unknown as LoggedAct[]);
}

/** The far end of a connection: it takes what it is given when it is told to. */
class FarEnd extends Writable {
  heard = '';
  private taken: (() => void)[] = [];

  constructor(private reads: boolean) {
    super({ highWaterMark: 16_000 });
  }

  override _write(chunk: Buffer, _encoding: string, done: () => void): void {
    this.heard += chunk.toString();
    if (this.reads) done();
    else this.taken.push(done);
  }

  /** Begins to read. */
  wake(): void {
    this.reads = true;
    this.taken.splice(0).forEach((done) => done());
  }

  seqs(): number[] {
    return [...this.heard.matchAll(/^id: (\d+)$/gm)].map((match) => Number(match[1]));
  }
}

const listenerAt = (end: FarEnd, sent = 0) => new Listener(end as unknown as Response, sent);
const upTo = (acts: number, from = 1) =>
  Array.from({ length: acts - from + 1 }, (_, place) => place + from);
const soon = () => new Promise((done) => setTimeout(done, 10));

let feed: Feed;
let log: JobLog;
let reads: number;

beforeEach(() => {
  reads = 0;
  log = logOf(3);
  feed = new Feed(
    async () => {
      reads += 1;
      await soon();
      return log;
    },
    () => undefined,
  );
});

afterEach(() => feed.end());

describe('a job’s feed', () => {
  it('is read once for all who listen, each from where it left off', async () => {
    const ends = Array.from({ length: 150 }, () => new FarEnd(true));
    ends.forEach((end, place) => feed.listeners.add(listenerAt(end, place % 3)));
    feed.grow();
    await soon();
    await soon();
    expect(reads).toBe(1);
    ends.forEach((end, place) => expect(end.seqs()).toEqual(upTo(3, (place % 3) + 1)));
  });

  it('that grows while it is read is read once more, however often it grew', async () => {
    const end = new FarEnd(true);
    feed.listeners.add(listenerAt(end));
    feed.grow();
    for (let n = 4; n < 50; n += 1) {
      log = logOf(n);
      feed.grow();
    }
    for (let n = 0; n < 5; n += 1) await soon();
    expect([reads, end.seqs()]).toEqual([2, upTo(49)]);
  });
});

describe('a listener that does not read', () => {
  it('is given no more than fits, holds nobody up, and has the rest when it reads', async () => {
    log = logOf(2000);
    const deaf = Array.from({ length: 20 }, () => new FarEnd(false));
    const awake = new FarEnd(true);
    deaf.forEach((end) => feed.listeners.add(listenerAt(end)));
    feed.listeners.add(listenerAt(awake));
    feed.grow();
    for (let n = 0; n < 5; n += 1) await soon();
    expect(awake.seqs()).toEqual(upTo(2000));
    // Two megabytes each, had they been written at once.
    for (const end of deaf) expect(end.writableLength).toBeLessThan(40_000);
    deaf[0]?.wake();
    for (let n = 0; n < 20; n += 1) await soon();
    expect(deaf[0]?.seqs()).toEqual(upTo(2000));
  });

  it('is cut off after a while', () => {
    jest.useFakeTimers();
    try {
      const end = new FarEnd(false);
      const listener = listenerAt(end);
      listener.offer(logOf(2000), (event) => `${JSON.stringify(event)}\n`);
      jest.advanceTimersByTime(19_000);
      expect(end.destroyed).toBe(false);
      jest.advanceTimersByTime(2000);
      expect(end.destroyed).toBe(true);
    } finally {
      jest.useRealTimers();
    }
  });
});
