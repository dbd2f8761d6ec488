import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { chromium } from './debian';
import { appFolder, exportApp } from './exportApp';
import { startPostgres } from './postgres';
import { scratchFolder } from './scratch';
import { testEnvironment } from './testDatabase';

/**
 * Runs one command with what tests need at hand: a database of its own and, for screens, the built
 * app and a browser. So a part of the tests can be run alone: `npm run e2e -- head --workers=1`.
 *
 *   tsx scripts/within.ts jest|playwright [arguments ...]
 */
const [program = '', ...args] = process.argv.slice(2);
const postgres = await startPostgres(path.join(scratchFolder('part'), 'data'), { passing: true });
try {
  const env: NodeJS.ProcessEnv = {
    ...process.env,
    ...testEnvironment(postgres),
  };
  if (program === 'playwright') {
    await exportApp();
    Object.assign(env, { CARDINEX_APP: appFolder, CARDINEX_CHROMIUM: chromium() });
  }
  const { status } = spawnSync('npx', ['--no-install', program, ...args], {
    stdio: 'inherit',
    env,
  });
  process.exitCode = status ?? 1;
} finally {
  await postgres.stop();
}
