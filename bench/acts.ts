import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { Agent } from 'node:http';
import pg from 'pg';
import { verifyChain } from '@cardinex/core/job/chain';
import type { JobLog } from '@cardinex/contract/jobs/job';
import {
  startServerProcess,
  stopServerProcess,
  type ServerProcess,
} from '../scripts/serverProcess';
import { BenchDevice } from './benchDevice';
import { databaseRate } from './databaseRate';
import { sendAll, postWholeJobs, type Posted, type Turns } from './posting';
import { postsOf } from './demoPosts';
import { median, quantile, type Result, type ServerAt } from './result';

const DEVICES = 20;
const BATCH = 5;
const LISTENERS = 200;
const ROUNDS = 5;
const WARM_UP = 8;

/**
 * What it costs to keep acts: whole demo jobs at twenty devices, five acts to a post, each post sent as
 * soon as the one before is answered.
 */
export async function benchActs(
  server: ServerProcess,
  { database, env }: ServerAt,
): Promise<Result[]> {
  const owner = new pg.Client({ connectionString: database.DATABASE_OWNER_URL });
  await owner.connect();
  const agent = new Agent({ keepAlive: true, maxSockets: 2 * DEVICES });
  const devices: BenchDevice[] = [];
  // One after the other: tries at one member's PIN are limited, right or wrong.
  for (let n = 0; n < DEVICES; n += 1)
    devices.push(await BenchDevice.signedIn(server.address, owner, agent));
  const second = await startServerProcess(env);
  const one = [server];
  const both = [server, second];
  // A server just started has yet to open its connections and compile what it runs; each as long as the other.
  for (let n = 0; n < WARM_UP; n += 1) {
    await measured(devices, one);
    await measured(devices, [second]);
  }
  const rounds: Round[] = [];
  // One beside the other: a machine that others share is not the same from minute to minute.
  for (let n = 0; n < ROUNDS; n += 1) {
    const alone = await measured(devices, one);
    const rate = await databaseRate(database.DATABASE_OWNER_URL, owner, alone.jobs, BATCH);
    rounds.push({
      alone,
      rate,
      ofTwo: await measured(devices, both),
      inTurn: await measured(devices, both, 'in turn'),
    });
  }
  const points = [{ size: DEVICES, value: median(rounds.map(ratioOf)) }];
  for (const size of [DEVICES / 2, DEVICES / 4]) {
    const alone = await measured(devices.slice(0, size), one);
    const rate = await databaseRate(database.DATABASE_OWNER_URL, owner, alone.jobs, BATCH);
    points.unshift({ size, value: keptIn(alone) / rate });
  }
  const [last] = rounds;
  const lost = last ? await lostOf(devices[0], server.address, last.ofTwo) : NaN;
  const heard = await whileHeard(devices, server, LISTENERS);
  await stopServerProcess(second);
  await owner.end();
  agent.destroy();
  const perSecond = median(rounds.map(({ alone }) => keptIn(alone)));
  const rate = median(rounds.map((round) => round.rate));
  return [
    {
      what: `acts of whole demo jobs kept, ${DEVICES} devices, ${BATCH} to a post (${perSecond.toFixed(0)} a second), over the database's own rate (${rate.toFixed(0)}), median of ${ROUNDS}`,
      value: median(rounds.map(ratioOf)),
      unit: '×',
      goal: 0.25,
      limit: 0.12,
      atLeast: true,
      growth: { of: 'devices', points },
    },
    { what: 'acts lost, doubled or out of chain', value: lost, unit: '', limit: 0 },
    {
      what: `processor time for an act with two server processes (${perThousand(rounds.map(({ ofTwo }) => ofTwo))} s a thousand), over one (${perThousand(rounds.map(({ alone }) => alone))}), median of ${ROUNDS}`,
      value: median(rounds.map(({ alone, ofTwo }) => cpuOf(ofTwo) / cpuOf(alone))),
      unit: '×',
      limit: 1.15,
    },
    {
      what: 'the same where each post of a job goes to the other process, which has to catch up first',
      value: median(rounds.map(({ alone, inTurn }) => cpuOf(inTurn) / cpuOf(alone))),
      unit: '×',
      limit: 1.75,
    },
    heard,
  ];
}

/** What was measured within the same minute. */
interface Round {
  readonly alone: Measured;
  readonly rate: number;
  readonly ofTwo: Measured;
  readonly inTurn: Measured;
}

function ratioOf({ alone, rate }: Round): number {
  return keptIn(alone) / rate;
}

type Measured = Posted & { readonly cpuSeconds: number };

async function measured(
  devices: readonly BenchDevice[],
  servers: readonly ServerProcess[],
  turns?: Turns,
): Promise<Measured> {
  const before = cpuSecondsOf(servers);
  const addresses = servers.map(({ address }) => address);
  const posted = await postWholeJobs(devices, addresses, BATCH, turns);
  return { ...posted, cpuSeconds: cpuSecondsOf(servers) - before };
}

/** The 95th of 100 posts while many listen, each job at as many screens as the others. */
async function whileHeard(
  devices: readonly BenchDevice[],
  { address }: ServerProcess,
  most: number,
): Promise<Result> {
  const points: { size: number; value: number }[] = [];
  for (const listeners of [most / 4, most / 2, most]) {
    const all = devices.map((device, place) => postsOf(place, device.id, BATCH));
    // The job is there once its first acts are: nobody listens to one that is not.
    const opening = all.map((posts) => ({ ...posts, bodies: posts.bodies.slice(0, 1) }));
    await sendAll(devices, [address], opening);
    const stops = await Promise.all(
      Array.from({ length: listeners }, (_, n) => {
        const place = n % devices.length;
        return devices[place]?.listen(address, all[place]?.jobId ?? '');
      }),
    );
    const rest = all.map((posts) => ({ ...posts, bodies: posts.bodies.slice(1) }));
    const { postMs } = await sendAll(devices, [address], rest);
    stops.forEach((stop) => stop?.());
    points.push({ size: listeners, value: quantile(postMs, 0.95) });
  }
  return {
    what: `a post of ${BATCH} acts while ${most} listen, ${devices.length} devices at once, the 95th of 100`,
    value: points.at(-1)?.value ?? NaN,
    unit: 'ms',
    goal: 100,
    limit: 200,
    growth: { of: 'listeners', points },
  };
}

async function lostOf(
  device: BenchDevice | undefined,
  address: string,
  { jobs, acts }: Posted,
): Promise<number> {
  const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');
  let lost = acts;
  for (const job of jobs) {
    const { events } = JSON.parse((await device?.get(address, `/api/jobs/${job}`)) ?? '') as JobLog;
    lost += (verifyChain(events, sha256) ? 1 : 0) - events.length;
  }
  return Math.abs(lost);
}

function keptIn({ acts, seconds }: Posted): number {
  return acts / seconds;
}

/** Processor time for one act, in seconds. */
function cpuOf({ cpuSeconds, acts }: Measured): number {
  return cpuSeconds / acts;
}

function perThousand(all: readonly Measured[]): string {
  return (median(all.map(cpuOf)) * 1000).toFixed(2);
}

/** Processor time the servers have used by now, threads and all, in seconds. */
function cpuSecondsOf(servers: readonly ServerProcess[]): number {
  const ticks = servers.map(({ child }) => {
    // After the name in brackets: state, then eleven fields, then ticks in user and in system mode.
    const fields = readFileSync(`/proc/${child.pid}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? [];
    return Number(fields[11]) + Number(fields[12]);
  });
  return ticks.reduce((sum, value) => sum + value, 0) / TICKS_PER_SECOND;
}

const TICKS_PER_SECOND = 100;
