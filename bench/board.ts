import { Agent } from 'node:http';
import pg from 'pg';
import type { Board } from '../contract/jobs/board';
import { WHOLE_JOBS } from './demoPosts';
import type { ServerProcess } from '../scripts/serverProcess';
import { copiesOf, moreFinished } from '../server/tests/copiedJobs';
import { BenchDevice } from './benchDevice';
import { median, type Result, type ServerAt } from './result';

const JOBS = [1250, 2500, 5000] as const;
const OPEN = 200;
const TIMES = 15;

/** What the board takes in a shop that has kept its jobs for years. */
export async function benchBoard(
  { address }: ServerProcess,
  { database }: ServerAt,
): Promise<Result[]> {
  const owner = new pg.Client({ connectionString: database.DATABASE_OWNER_URL });
  owner.on('error', () => undefined);
  await owner.connect();
  const agent = new Agent({ keepAlive: true });
  const device = await BenchDevice.signedIn(address, owner, agent);
  const board = async (): Promise<Board> =>
    JSON.parse(await device.get(address, '/api/jobs')) as Board;
  const open = (await board()).jobs.filter(({ finished }) => !finished);
  let there = WHOLE_JOBS.length;
  for (const [place, { id }] of open.entries()) {
    const share =
      Math.floor((OPEN * (place + 1)) / open.length) - Math.floor((OPEN * place) / open.length);
    await owner.query(copiesOf(id, share - 1));
    there += share - 1;
  }
  const points: { size: number; value: number }[] = [];
  for (const size of JOBS) {
    await owner.query(moreFinished(size - there));
    await owner.query('ANALYZE streams, events');
    there = size;
    // The first ones find out which are finished.
    for (let more = true; more;) more = (await board()).jobs.length > OPEN + 20;
    points.push({ size, value: await boardMs(device, address) });
  }
  await owner.end();
  agent.destroy();
  return [
    {
      what: `the board of ${JOBS.at(-1)} jobs, ${OPEN} of them open (median of ${TIMES})`,
      value: points.at(-1)?.value ?? NaN,
      unit: 'ms',
      limit: 60,
      growth: { of: 'jobs', points },
    },
  ];
}

async function boardMs(device: BenchDevice, address: string): Promise<number> {
  const times: number[] = [];
  for (let n = 0; n < TIMES; n += 1) {
    const begun = performance.now();
    await device.get(address, '/api/jobs');
    times.push(performance.now() - begun);
  }
  return median(times);
}
