import pg from 'pg';
import { lockside } from '../demo/shops';
import type { DatabaseAddresses } from '../scripts/prepareDatabase';
import { DeviceAt } from '../server/tests/copy';
import { moreFinished } from '../server/tests/finishedJobs';
import { median, type Result } from './result';

const FINISHED = 600;
const TIMES = 15;

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
  await owner.query(moreFinished(FINISHED));
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
