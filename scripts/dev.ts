import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { startPostgres } from './postgres';
import { prepareDatabase } from './prepareDatabase';

/** For developing: the server restarts when its sources change, the app reloads from Metro. */
const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const dataFolder = path.resolve(process.env.CARDINEX_DATA ?? path.join(root, '.data'));
mkdirSync(dataFolder, { recursive: true });
const postgres = await startPostgres(dataFolder);
await postgres.createDatabase('cardinex_dev');
const addresses = postgres.addresses('cardinex_dev');
await prepareDatabase(addresses);

const children = [
  spawn(process.execPath, ['--watch', '--import', 'tsx', path.join(root, 'server/main.ts')], {
    stdio: 'inherit',
    env: { ...process.env, ...addresses, PORT: process.env.PORT ?? '4700', CHECK_ANSWERS: 'true' },
  }),
  spawn('npx', ['--no-install', 'expo', 'start', '--web', '--localhost'], {
    cwd: path.join(root, 'app'),
    stdio: 'inherit',
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1' },
  }),
];

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    children.forEach((child) => child.kill('SIGTERM'));
    void postgres.stop().then(() => process.exit(0));
  });
}
