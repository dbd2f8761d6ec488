import { connect, createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import pg from 'pg';
import { ConnectionAcquireTimeoutError } from 'sequelize';
import { lockside } from '@cardinex/demo/shops';
import {
  startServerProcess,
  stopServerProcess,
  type ServerProcess,
} from '../../scripts/serverProcess';
import { troubleOf } from '../database/trouble';
import { DeviceAt } from './copy';
import { linerRead, openedJob, ownCluster, type OwnCluster } from './ownCluster';
import { signalDatabase } from './signalDatabase';

let cluster: OwnCluster;
let line: Line;
let server: ServerProcess;
let phone: DeviceAt;
let jobId: string;

beforeAll(async () => {
  cluster = await ownCluster('trouble');
  const { addresses } = cluster;
  line = await Line.to(addresses.DATABASE_URL);
  const env = { ...addresses, DATABASE_URL: line.url, PORT: '0', LOG_LEVEL: 'silent' };
  server = await startServerProcess(env);
  phone = new DeviceAt(server.address);
  await phone.signIn(lockside, 'TR');
  jobId = await openedJob(phone);
}, 120_000);

afterAll(async () => {
  await stopServerProcess(server);
  line.close();
  await cluster.postgres.stop();
}, 30_000);

/** The line between the server and its database. */
class Line {
  /** The next append goes through, and the line breaks before its answer. */
  breaksAtAppend = false;
  broken = 0;

  private constructor(
    readonly url: string,
    private readonly near: Server,
  ) {}

  static async to(databaseUrl: string): Promise<Line> {
    const url = new URL(databaseUrl);
    const port = Number(url.port);
    const near = createServer();
    await new Promise<void>((done) => near.listen(0, '127.0.0.1', done));
    url.port = String((near.address() as AddressInfo).port);
    const line = new Line(url.toString(), near);
    near.on('connection', (socket) => line.join(socket, connect(port, '127.0.0.1')));
    return line;
  }

  close(): void {
    this.near.close();
  }

  private join(near: Socket, far: Socket): void {
    let breaks = false;
    near.on('data', (chunk: Buffer) => {
      if (this.breaksAtAppend && chunk.includes('grow-stream')) {
        this.breaksAtAppend = false;
        breaks = true;
      }
      far.write(chunk);
    });
    far.on('data', (chunk: Buffer) => {
      if (!breaks) return near.write(chunk);
      this.broken += 1;
      near.destroy();
      return far.destroy();
    });
    for (const [one, other] of [
      [near, far],
      [far, near],
    ] as const) {
      one.on('error', () => other.destroy());
      one.on('close', () => other.destroy());
    }
  }
}

/** What `/ready` answers, and how long it took. */
async function ready(): Promise<{ status: number; ms: number }> {
  const from = Date.now();
  const { status } = await fetch(`${server.address}/ready`);
  return { status, ms: Date.now() - from };
}

async function readyAgain(): Promise<void> {
  while ((await ready()).status !== 200) await new Promise((done) => setTimeout(done, 200));
}

it('a frozen database: not ready within two seconds, acts are told to wait, and all is well again', async () => {
  await readyAgain();
  signalDatabase(cluster.folder, 'SIGSTOP');
  const act = linerRead(phone, jobId);
  try {
    await new Promise((done) => setTimeout(done, 600));
    const { status, ms } = await ready();
    expect([status, ms < 2000]).toEqual([503, true]);
    const { status: sent, body } = await phone.post(`/api/jobs/${jobId}/acts`, {
      sentAt: new Date().toISOString(),
      acts: [act],
    });
    expect([sent, (body as { code: string }).code]).toEqual([503, 'outcome-unknown']);
    expect(JSON.stringify(body)).not.toMatch(/nothing was/i);
  } finally {
    signalDatabase(cluster.folder, 'SIGCONT');
  }
  await readyAgain();
  const { outcomes } = await phone.send(jobId, act);
  expect(['accepted', 'duplicate']).toContain(outcomes[0]?.status);
  const stored = (await phone.events(jobId)).filter(({ id }) => id === act.id);
  expect(stored).toHaveLength(1);
}, 60_000);

it('a disk without room: not ready, though the database answers', async () => {
  const owner = new pg.Client({
    connectionString: cluster.addresses.DATABASE_OWNER_URL,
  });
  await owner.connect();
  // To the statement it is the same: nothing can be written.
  await owner.query('ALTER ROLE cardinex_server SET temp_file_limit = 0');
  await new Promise((done) => setTimeout(done, 600));
  expect((await ready()).status).toBe(503);
  await owner.query('ALTER ROLE cardinex_server RESET temp_file_limit');
  await owner.end();
  await readyAgain();
}, 30_000);

it('a database that has died is started again, and what was confirmed is there', async () => {
  const confirmed: string[] = [];
  for (let n = 0; n < 20; n += 1) {
    const act = linerRead(phone, jobId);
    const { outcomes } = await phone.send(jobId, act);
    if (outcomes[0]?.status === 'accepted') confirmed.push(act.id);
  }
  const reported = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  signalDatabase(cluster.folder, 'SIGKILL');
  await new Promise((done) => setTimeout(done, 600));
  await readyAgain();
  expect(reported).toHaveBeenCalledWith('The database fell over and is started again.');
  reported.mockRestore();
  const ids = (await phone.events(jobId)).map(({ id }) => id);
  expect(confirmed).toHaveLength(20);
  expect(ids.filter((id) => confirmed.includes(id))).toEqual(confirmed);
  const { outcomes } = await phone.send(jobId, linerRead(phone, jobId));
  expect(outcomes[0]?.status).toBe('accepted');
}, 60_000);

it('an act whose append was never answered is looked up by its id, and answered as what it is', async () => {
  const act = linerRead(phone, jobId);
  line.breaksAtAppend = true;
  const { outcomes } = await phone.send(jobId, act);
  expect(line.broken).toBe(1);
  expect(outcomes[0]).toMatchObject({ status: 'duplicate', event: { id: act.id } });
  const stored = (await phone.events(jobId)).filter(({ id }) => id === act.id);
  expect(stored).toHaveLength(1);
}, 30_000);

describe('what the database answers', () => {
  const error = (code: string) => Object.assign(new Error('x'), { code });
  it.each([
    [error('57P01'), 'away'],
    [error('08006'), 'away'],
    [error('57014'), 'away'],
    [error('53300'), 'away'],
    [error('ECONNREFUSED'), 'away'],
    [new Error('Query read timeout'), 'away'],
    [new Error('Connection terminated unexpectedly'), 'away'],
    [new ConnectionAcquireTimeoutError(new Error('x')), 'away'],
    [Object.assign(new Error('x'), { parent: error('53100') }), 'full'],
    [error('23505'), null],
    [error('42501'), null],
    [new Error('Cannot read properties of undefined'), null],
    ['57P01', null],
  ])('%s is told apart from a fault of ours', (thrown, trouble) => {
    expect(troubleOf(thrown)).toBe(trouble);
  });
});
