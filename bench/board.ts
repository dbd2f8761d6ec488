import pg from 'pg';
import { DEMO_JOB } from '../demo/jobs';
import { lockside } from '../demo/shops';
import type { DatabaseAddresses } from '../scripts/prepareDatabase';
import { DeviceAt } from '../server/tests/copy';
import { median, type Result } from './result';

const FINISHED = 600;
const TIMES = 15;

/** A finished job of the demo again and again, as if each had been begun an hour before the last. */
const MORE_FINISHED = `
WITH copies AS (
  INSERT INTO streams (shop_id, stream_kind, stream_id, head_seq, head_hash, begun_at)
  SELECT shop_id, stream_kind, gen_random_uuid(), head_seq, head_hash, begun_at - n * interval '1 hour'
    FROM streams, generate_series(1, ${FINISHED}) AS n WHERE stream_id = $1
  RETURNING *
)
INSERT INTO events (shop_id, stream_kind, stream_id, seq, act_id, event)
SELECT c.shop_id, c.stream_kind, c.stream_id, e.seq, gen_random_uuid(), e.event
  FROM copies c, events e WHERE e.stream_id = $1`;

/** What the board takes with six hundred finished jobs behind it, over what it takes with none. */
export async function benchBoard(
  address: string,
  { DATABASE_OWNER_URL }: DatabaseAddresses,
): Promise<Result[]> {
  const device = new DeviceAt(address);
  await device.signIn(lockside, 'TR');
  const before = await boardMs(device);
  const owner = new pg.Client({ connectionString: DATABASE_OWNER_URL });
  await owner.connect();
  await owner.query(MORE_FINISHED, [DEMO_JOB.ferryWinch]);
  await owner.end();
  const after = await boardMs(device);
  return [
    {
      what: `the board with ${FINISHED} finished jobs (${after.toFixed(0)} ms), over none (${before.toFixed(0)} ms)`,
      value: after / before,
      unit: 'x',
      limit: 4,
    },
  ];
}

async function boardMs(device: DeviceAt): Promise<number> {
  // The first one finds out which are finished.
  await device.get('/api/jobs');
  const times: number[] = [];
  for (let n = 0; n < TIMES; n += 1) {
    const begun = performance.now();
    await device.get('/api/jobs');
    times.push(performance.now() - begun);
  }
  return median(times);
}
