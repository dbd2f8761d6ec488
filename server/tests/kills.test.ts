import { createHash } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { verifyChain } from '@cardinex/core/job/chain';
import type { JobEvent } from '@cardinex/core/job/act';
import { lockside } from '@cardinex/demo/shops';
import { freePort } from '../../scripts/postgres';
import {
  startServerProcess,
  stopServerProcess,
  type ServerProcess,
} from '../../scripts/serverProcess';
import { DeviceAt } from './copy';
import { linerRead, openedJob, ownCluster, type OwnCluster } from './ownCluster';
import { signalDatabase } from './signalDatabase';

/**
 * Server and database are killed while devices send: what was acknowledged is in the log once, in its
 * device's order, and the chain is whole. More often with `npm run test:long` (CARDINEX_KILLS).
 */
const KILLS = Number(process.env.CARDINEX_KILLS ?? 3);
const DEVICES = 4;
const BETWEEN_MS = 900;

let cluster: OwnCluster;
let server: ServerProcess;
let env: Record<string, string>;
let over = false;

beforeAll(async () => {
  cluster = await ownCluster('kills');
  env = { ...cluster.addresses, PORT: String(await freePort()), LOG_LEVEL: 'silent' };
  server = await startServerProcess(env);
}, 120_000);

afterAll(async () => {
  await stopServerProcess(server);
  await cluster.postgres.stop();
}, 30_000);

/** Sends act after act, each again until it is answered, as a device does. */
async function keepSending(device: DeviceAt, jobId: string): Promise<string[]> {
  const acknowledged: string[] = [];
  while (!over) {
    const act = linerRead(device, jobId);
    while (!(await isAnswered(device, jobId, act))) await pause(100);
    acknowledged.push(act.id);
  }
  return acknowledged;
}

async function isAnswered(device: DeviceAt, jobId: string, act: object): Promise<boolean> {
  try {
    const { status, outcomes } = await device.send(jobId, act);
    const text = outcomes[0]?.status;
    if (status === 200 && text !== 'accepted' && text !== 'duplicate')
      throw new Error(`refused: ${JSON.stringify(outcomes[0])}`);
    return status === 200;
  } catch (error) {
    if (error instanceof Error && error.message.startsWith('refused')) throw error;
    return false;
  }
}

async function killServer(): Promise<void> {
  const ended = new Promise((done) => server.child.once('exit', done));
  server.child.kill('SIGKILL');
  await ended;
  // The database may be coming up itself.
  for (;;) {
    try {
      server = await startServerProcess(env);
      return;
    } catch {
      await pause(300);
    }
  }
}

it(`${KILLS} kills of server and database under load lose, double and reorder nothing`, async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const first = new DeviceAt(server.address);
  await first.signIn(lockside, 'TR');
  const jobId = await openedJob(first);
  const devices = [first];
  for (let n = 1; n < DEVICES; n += 1) {
    const device = new DeviceAt(server.address);
    await device.signIn(lockside, 'TR');
    devices.push(device);
  }
  const sending = devices.map((device) => keepSending(device, jobId));
  for (let kill = 0; kill < KILLS; kill += 1) {
    await pause(BETWEEN_MS);
    if (kill % 3 === 1) signalDatabase(cluster.folder, 'SIGKILL');
    else await killServer();
  }
  await pause(BETWEEN_MS);
  over = true;
  const acknowledged = await Promise.all(sending);
  jest.restoreAllMocks();

  let events: JobEvent[] = [];
  while (events.length === 0) events = await first.events(jobId).catch(() => []);
  const ids = events.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  for (const own of acknowledged) {
    expect(own.length).toBeGreaterThan(KILLS);
    expect(ids.filter((id) => own.includes(id))).toEqual(own);
  }
  expect(verifyChain(events, sha256)).toBeNull();
}, 900_000);

function sha256(text: string): string {
  return createHash('sha256').update(text, 'utf8').digest('hex');
}
