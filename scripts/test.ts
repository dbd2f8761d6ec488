import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from './debian';
import { appFolder, exportApp } from './exportApp';
import { startPostgres } from './postgres';
import { runQuietly } from './runQuietly';
import { scratchFolder } from './scratch';
import { testEnvironment } from './testDatabase';

/**
 * Everything that must hold, ending with one line of counts. What reads the sources is checked while
 * the app is built, which leaves half of a small machine idle; the suites come one after the other.
 */
const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const folder = scratchFolder('test');
const npx = ['npx', '--no-install'];
let passed = 0;
let failed = 0;
let atSecondTry = 0;

function run(title: string, command: string[], env: Record<string, string> = {}): boolean {
  console.log(`\n=== ${title}`);
  const [program = '', ...args] = command;
  const { status } = spawnSync(program, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  return status === 0;
}

/** A check that either holds or does not; what it prints is shown whole, once it has ended. */
async function check(title: string, command: string[]): Promise<void> {
  try {
    await runQuietly(command, { cwd: root });
    console.log(`\n=== ${title}: holds`);
    passed += 1;
  } catch (error) {
    console.log(`\n=== ${title}: does not hold\n${error instanceof Error ? error.message : ''}`);
    failed += 1;
  }
}

/** What reads the sources: as long as the linter takes by itself, everything else takes together. */
async function checkSources(): Promise<void> {
  await Promise.all([
    check('lint', [...npx, 'eslint', '.', '--max-warnings', '0']),
    checkTheRest(),
  ]);
}

async function checkTheRest(): Promise<void> {
  await check('format', [...npx, 'prettier', '--check', '.', '--log-level', 'warn']);
  await check('types', [...npx, 'tsc', '-p', 'tsconfig.json']);
  await check('types of the app', [...npx, 'tsc', '-p', 'app/tsconfig.json']);
  await check('what nobody uses', [...npx, 'knip', '--no-progress', '--no-config-hints']);
}

/** A suite that writes its counts as JSON; one that writes none has failed as a whole. */
function suite(
  title: string,
  command: string[],
  env: Record<string, string>,
  countsIn: string,
  count: (report: never) => { passed: number; failed: number },
): void {
  const ok = run(title, command, env);
  try {
    const counts = count(JSON.parse(readFileSync(countsIn, 'utf8')) as never);
    passed += counts.passed;
    failed += counts.failed + (!ok && counts.failed === 0 ? 1 : 0);
  } catch {
    failed += 1;
  }
}

const postgres = await startPostgres(path.join(folder, 'data'), { passing: true });
try {
  await Promise.all([checkSources(), exportApp()]);
  const env = testEnvironment(postgres);
  const jestCounts = path.join(folder, 'jest.json');
  suite(
    'units and server',
    [...npx, 'jest', '--json', `--outputFile=${jestCounts}`],
    env,
    jestCounts,
    (report: {
      numPassedTests: number;
      numFailedTests: number;
      numRuntimeErrorTestSuites: number;
    }) => ({
      passed: report.numPassedTests,
      failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
    }),
  );
  const playwrightCounts = path.join(folder, 'playwright.json');
  suite(
    'screens',
    [...npx, 'playwright', 'test', '-c', 'e2e/playwright.config.ts', '--reporter=list,json'],
    {
      ...env,
      CARDINEX_APP: appFolder,
      CARDINEX_CHROMIUM: chromium(),
      PLAYWRIGHT_JSON_OUTPUT_NAME: playwrightCounts,
    },
    playwrightCounts,
    ({ stats }: { stats: { expected: number; unexpected: number; flaky: number } }) => {
      atSecondTry = stats.flaky;
      return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
    },
  );
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  failed += 1;
} finally {
  await postgres.stop();
}

const note = atSecondTry > 0 ? ` (${atSecondTry} only at the second try)` : '';
console.log(`\n${passed} passed${note}, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
