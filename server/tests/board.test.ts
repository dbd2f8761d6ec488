import type { Sequelize } from 'sequelize';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { lockside } from '@cardinex/demo/shops';
import { newDemoDatabase } from '../../scripts/testDatabase';
import { connect, connectAsOwner } from '../database/connection';
import { defineModels } from '../database/models';
import { appendActs } from '../jobs/appendActs';
import { boardOf, readCursor } from '../jobs/board';
import { JobCache } from '../jobs/jobCache';
import { moreFinished } from './copiedJobs';

/** Finished jobs of the demo, and those beside them. */
const IN_DEMO = 3;
const COPIES = 45;

let owner: Sequelize;
let sequelize: Sequelize;
let asked: string[] = [];

beforeAll(async () => {
  const addresses = await newDemoDatabase();
  owner = connectAsOwner(addresses.DATABASE_OWNER_URL);
  await owner.query(moreFinished(COPIES));
  sequelize = connect(addresses.DATABASE_URL);
  defineModels(sequelize);
  sequelize.addHook('beforeQuery', (_, query) => {
    asked.push((query as unknown as { sql: string }).sql);
  });
}, 60_000);

afterAll(() => Promise.all([owner.close(), sequelize.close()]));

async function board(cache: JobCache, before: string | null = null) {
  asked = [];
  const answer = await boardOf(cache, lockside.id, before === null ? null : readCursor(before));
  return { ...answer, queries: asked.length };
}

describe('the board of a shop with many finished jobs', () => {
  const cache = new JobCache();

  it('shows what is open and the newest finished ones, in one query once they are known', async () => {
    await board(cache);
    const { jobs, queries } = await board(cache);
    expect(queries).toBe(1);
    expect(jobs.filter(({ finished }) => !finished).length).toBeGreaterThan(5);
    expect(jobs.filter(({ finished }) => finished)).toHaveLength(20);
  });

  it('reads no log of what is not shown', async () => {
    const fresh = new JobCache();
    await board(fresh);
    const { jobs } = await board(fresh);
    // One more is looked at, to know whether there are more.
    expect(fresh.size).toBe(jobs.length + 1);
  });

  it('gives the others a page at a time, each once', async () => {
    const ids: string[] = [];
    let page = await board(cache);
    for (;;) {
      ids.push(...page.jobs.filter(({ finished }) => finished).map(({ id }) => id));
      if (page.moreFinished === null) break;
      page = await board(cache, page.moreFinished);
      expect(page.jobs.every(({ finished }) => finished)).toBe(true);
    }
    expect([ids.length, new Set(ids).size]).toEqual([COPIES + IN_DEMO, COPIES + IN_DEMO]);
  });

  it('goes on only from what it has answered', () => {
    for (const cursor of ['', 'x~y', '2026-01-01T00:00:00.000Z', `~${DEMO_JOB.baler}`])
      expect(() => readCursor(cursor)).toThrow(/bad-field/);
  });
});

describe('a log whose end was cut off', () => {
  beforeAll(async () => {
    await owner.query('ALTER TABLE events DISABLE TRIGGER events_keep_rows');
    const cut = (job: string) =>
      `DELETE FROM events WHERE stream_id = '${job}' AND seq > (SELECT max(seq) - 3 FROM events WHERE stream_id = '${job}')`;
    await owner.query(cut(DEMO_JOB.creamery));
    await owner.query(
      `UPDATE streams SET head_hash = repeat('0', 63) || '1' WHERE stream_id = '${DEMO_JOB.conveyor}'`,
    );
    await owner.query('ALTER TABLE events ENABLE TRIGGER events_keep_rows');
  });

  it('is not loaded, nor one that ends otherwise than its stream says', async () => {
    for (const job of [DEMO_JOB.creamery, DEMO_JOB.conveyor]) {
      await expect(new JobCache().load(lockside.id, job)).rejects.toThrow(/log-damaged/);
    }
  });

  it('is not added to', async () => {
    const batch = { acts: [], sentAt: new Date().toISOString(), receivedAt: new Date() };
    const sender = { shopId: lockside.id, device: lockside.device, member: () => null };
    await expect(appendActs(new JobCache(), sender, DEMO_JOB.creamery, batch)).rejects.toThrow(
      /log-damaged/,
    );
  });

  it('is named on the board, which shows the others', async () => {
    const { damaged, jobs } = await board(new JobCache());
    expect([...damaged].sort()).toEqual([DEMO_JOB.creamery, DEMO_JOB.conveyor].sort());
    expect(jobs.map(({ id }) => id)).toContain(DEMO_JOB.baler);
  });

  it('is not what a log is called that a database in trouble did not give', async () => {
    const cache = new JobCache();
    const trouble = jest.spyOn(cache, 'load').mockRejectedValue(new Error('no connection'));
    await expect(board(cache)).rejects.toThrow('no connection');
    expect(trouble).toHaveBeenCalled();
  });

  it('is read anew when what was held of it was of a log since restored', async () => {
    const cache = new JobCache();
    const { log } = await cache.load(lockside.id, DEMO_JOB.baler);
    await owner.query('ALTER TABLE events DISABLE TRIGGER events_keep_rows');
    await owner.query(
      `DELETE FROM events WHERE stream_id = '${DEMO_JOB.baler}' AND seq = ${log.length}`,
    );
    await owner.query(
      `UPDATE streams SET head_seq = head_seq - 1, head_hash =
         (SELECT event->>'hash' FROM events WHERE stream_id = '${DEMO_JOB.baler}' ORDER BY seq DESC LIMIT 1)
        WHERE stream_id = '${DEMO_JOB.baler}'`,
    );
    await owner.query('ALTER TABLE events ENABLE TRIGGER events_keep_rows');
    expect((await cache.load(lockside.id, DEMO_JOB.baler)).log).toHaveLength(log.length - 1);
  });
});
