import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { demoShops } from '../demo/shops';
import { StartupError } from '../server/startupError';
import { appFolder, exportApp } from './exportApp';
import { startPostgres, type Postgres } from './postgres';
import { prepareDatabase, type DatabaseAddresses } from './prepareDatabase';
import { startServerProcess, stopServerProcess, type ServerProcess } from './serverProcess';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const fresh = process.argv.includes('--fresh');
const port = process.env.PORT ?? '4700';
const dataFolder = path.resolve(process.env.CARDINEX_DATA ?? path.join(root, '.data'));

/** Waits between restarts of a server that fell over. */
const RESTART_MS = 1000;

let postgres: Promise<Postgres> | null = null;
let server: ServerProcess | null = null;
let instruments: ChildProcess | null = null;
let stopping = false;

// From the first moment: the database it starts is a process of its own, and would outlive it.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) {
  process.on(signal, () => void stop(0));
}

try {
  // The app is built by processes of its own, and most of the time is theirs: the database is made meanwhile.
  const [, addresses] = await Promise.all([exportApp(), database()]);
  server = await serve(addresses);
  instruments = startInstruments();
  console.log(`\nCardinex is ready at ${server.address}\n`);
  printSignIns();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  await stop(1);
}

/** The database to use: the one given, or one of our own, made the first time. */
async function database(): Promise<DatabaseAddresses> {
  const given = process.env.DATABASE_URL;
  if (given) {
    if (fresh)
      throw new StartupError(
        '--fresh makes a new database of its own; leave DATABASE_URL unset for it.',
      );
    const owner = process.env.DATABASE_OWNER_URL ?? given;
    return prepared({ DATABASE_URL: given, DATABASE_OWNER_URL: owner });
  }
  mkdirSync(dataFolder, { recursive: true });
  postgres = startPostgres(dataFolder);
  const cluster = await postgres;
  const nameFile = path.join(dataFolder, 'database-name');
  const known = existsSync(nameFile) && !fresh ? readFileSync(nameFile, 'utf8').trim() : null;
  const name = known ?? `cardinex_${new Date().toISOString().replace(/\D/g, '').slice(0, 17)}`;
  await cluster.createDatabase(name);
  const addresses = await prepared(cluster.addresses(name));
  writeFileSync(nameFile, `${name}\n`);
  return addresses;
}

async function prepared(addresses: DatabaseAddresses): Promise<DatabaseAddresses> {
  const { seeded } = await prepareDatabase(addresses);
  if (seeded) console.log('A new database was filled with the demo shop.');
  return addresses;
}

/** Runs the server, and again should it fall over. */
async function serve(addresses: DatabaseAddresses): Promise<ServerProcess> {
  const running = await startServerProcess({
    ...addresses,
    PORT: port,
    CARDINEX_APP: appFolder,
    LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
  });
  running.child.once('exit', (code, signal) => {
    if (stopping) return;
    console.error(`The server fell over (${signal ?? code}) and is started again.`);
    void serveAgain(addresses);
  });
  return running;
}

async function serveAgain(addresses: DatabaseAddresses): Promise<void> {
  await pause(RESTART_MS);
  try {
    server = await serve(addresses);
  } catch (error) {
    console.error(error);
    await stop(1);
  }
}

/** The stand-ins for a wrench and a pump gauge, beside the server; the shop works without them. */
function startInstruments(): ChildProcess {
  const main = path.join(root, 'instruments/main.ts');
  return spawn(process.execPath, ['--import', 'tsx', main], {
    stdio: ['ignore', 'inherit', 'inherit'],
  });
}

async function stop(code: number): Promise<void> {
  if (stopping) return;
  stopping = true;
  instruments?.kill('SIGTERM');
  if (server) await stopServerProcess(server);
  const cluster = await postgres?.catch(() => null);
  await cluster?.stop();
  process.exit(code);
}

function printSignIns(): void {
  console.log('Demo sign-ins (everything in these shops is made up):');
  for (const shop of demoShops) {
    console.log(`  ${shop.name}`);
    for (const { name, initials, role, secretKind, secret } of shop.crew) {
      const kind = secretKind === 'pin' ? 'PIN' : 'passphrase';
      console.log(
        `    ${initials.padEnd(3)} ${name.padEnd(15)} ${role.padEnd(10)} ${kind} ${secret}`,
      );
    }
  }
}
