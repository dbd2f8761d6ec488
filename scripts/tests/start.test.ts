import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { demoShops, lockside } from '@cardinex/demo/shops';
import { DeviceAt } from '../../server/tests/copy';
import { freePort } from '../postgres';
import { scratchFolder } from '../scratch';

/** How long a start may take on a machine that runs the other suites beside it. */
const PATIENCE_MS = 120_000;

const root = path.resolve(__dirname, '../..');
const folder = scratchFolder('start');

interface Started {
  readonly address: string;
  readonly said: () => string;
  /** As Ctrl-C does; resolves to the exit code. */
  readonly stop: () => Promise<number | null>;
}

/** `npm start` as a person gives it. */
function launched(port: number, ...args: string[]): ChildProcess {
  return spawn(process.execPath, ['scripts/start.mjs', ...args], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: '', PORT: String(port), CARDINEX_DATA: folder },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
}

/** One that has printed its address. */
async function start(...args: string[]): Promise<Started> {
  const port = await freePort();
  const child = launched(port, ...args);
  let text = '';
  child.stdout?.on('data', (chunk: Buffer) => (text += chunk.toString()));
  child.stderr?.on('data', (chunk: Buffer) => (text += chunk.toString()));
  const ended = new Promise<number | null>((done) => child.once('exit', done));
  const address = `http://127.0.0.1:${port}`;
  const patience = Date.now() + PATIENCE_MS;
  while (!text.includes(`Cardinex is ready at ${address}`)) {
    if (child.exitCode !== null || Date.now() > patience) {
      // One left running would share its database with the next, and stay when the tests have ended.
      child.kill('SIGINT');
      await ended;
      throw new Error(`no start:\n${text}`);
    }
    await new Promise((done) => setTimeout(done, 100));
  }
  return {
    address,
    said: () => text,
    stop: () => {
      child.kill('SIGINT');
      return ended;
    },
  };
}

async function engines(address: string): Promise<number> {
  const device = new DeviceAt(address);
  await device.signIn(lockside, 'TR');
  const { body } = await device.get('/api/jobs');
  return (body as { jobs: unknown[] }).jobs.length;
}

async function openOneMore(address: string): Promise<void> {
  const device = new DeviceAt(address);
  await device.signIn(lockside, 'TR');
  const { body } = await device.get('/api/sheets');
  const revision = (
    body as { sheets: { hash: string; sheet: { id: string; revision: number } }[] }
  ).sheets.find((entry) => entry.sheet.id === 'tolvane-44');
  const jobId = '0190cccc-0000-7000-8000-000000000001';
  const { sheet, hash } = revision ?? { sheet: { id: '', revision: 0 }, hash: '' };
  await device.send(
    jobId,
    device.act(jobId, 'job.opened', {
      sheet: { id: sheet.id, revision: sheet.revision, hash },
      serial: 'T44-2',
      name: 'one more',
      why: 'a test',
      cylinder1End: 'fan',
      scope: { kind: 'gasket' },
    }),
  );
}

function databaseRuns(): boolean {
  const file = path.join(folder, 'postgres/postmaster.pid');
  if (!existsSync(file)) return false;
  const pid = Number(readFileSync(file, 'utf8').split('\n')[0]);
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}

describe('npm start', () => {
  it(
    'stopped while it still starts, leaves no database running',
    async () => {
      const child = launched(await freePort());
      const ended = new Promise((done) => child.once('exit', done));
      while (!databaseRuns()) await new Promise((done) => setTimeout(done, 100));
      child.kill('SIGINT');
      await ended;
      expect(databaseRuns()).toBe(false);
    },
    PATIENCE_MS,
  );

  it(
    'makes the demo shop, says where it is and who can sign in, and stops all it started',
    async () => {
      const started = await start();
      expect((await fetch(`${started.address}/ready`)).status).toBe(200);
      expect(await (await fetch(started.address)).text()).toContain('<title>Cardinex');
      for (const { crew } of demoShops) {
        for (const member of crew) expect(started.said()).toContain(member.secret);
      }
      await openOneMore(started.address);
      expect(await started.stop()).toBe(0);
      expect(databaseRuns()).toBe(false);
    },
    2 * PATIENCE_MS,
  );

  it(
    'finds what it left, and seeds anew only when asked',
    async () => {
      const again = await start();
      const stored = await engines(again.address);
      await again.stop();
      const fresh = await start('--fresh');
      const seeded = await engines(fresh.address);
      await fresh.stop();
      expect(stored).toBe(seeded + 1);
    },
    3 * PATIENCE_MS,
  );
});
