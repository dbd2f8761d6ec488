import path from 'node:path';
import { appFolder, exportApp } from '../scripts/exportApp';
import { startPostgres } from '../scripts/postgres';
import { prepareDatabase } from '../scripts/prepareDatabase';
import { scratchFolder } from '../scripts/scratch';
import { startServerProcess, stopServerProcess } from '../scripts/serverProcess';
import { benchActs } from './acts';
import { benchArrange } from './arrange';
import { benchBoard } from './board';
import { benchClamp } from './clamp';
import { benchFirstLoad } from './firstLoad';
import { benchPlan } from './plan';
import { holds, type Result } from './result';
import { benchScreen } from './screen';
import { benchWholeJobs } from './wholeJobs';

/** Measures what the product promises: `npm run bench`, or `npm run bench plan acts` for some of it. */
const wanted = process.argv.slice(2);
const wants = (name: string): boolean => wanted.length === 0 || wanted.includes(name);
const results: Result[] = [];

if (wants('plan')) results.push(...benchPlan());
if (wants('arrange')) results.push(...benchArrange());
if (wants('clamp')) results.push(...benchClamp());
if (wants('screen') || wants('load')) await exportApp();
if (['acts', 'jobs', 'screen', 'board'].some(wants)) results.push(...(await onServer()));
if (wants('load')) results.push(...(await benchFirstLoad()));

for (const result of results) {
  const { what, value, unit, limit, atLeast = false } = result;
  const figure = `${value >= 100 ? value.toFixed(0) : value.toFixed(2)} ${unit}`.trim();
  const asked = `${atLeast ? 'at least' : 'at most'} ${limit} ${unit}`.trim();
  console.log(`${holds(result) ? 'holds ' : 'BROKEN'}  ${what}: ${figure} (${asked})`);
}
process.exit(results.every(holds) ? 0 : 1);

async function onServer(): Promise<Result[]> {
  const postgres = await startPostgres(path.join(scratchFolder('bench'), 'data'));
  try {
    await postgres.createDatabase('bench');
    const addresses = postgres.addresses('bench');
    await prepareDatabase(addresses);
    const env = { ...addresses, PORT: '0', CARDINEX_APP: appFolder };
    const server = await startServerProcess({ ...env, LOG_LEVEL: 'error' });
    const measured: Result[] = [];
    // First: what the others leave on the board is no shop's.
    if (wants('board')) measured.push(...(await benchBoard(server.address, addresses)));
    if (wants('screen')) measured.push(...(await benchScreen(server.address)));
    if (wants('acts')) measured.push(...(await benchActs(server.address)));
    if (wants('jobs')) measured.push(...(await benchWholeJobs(server.address)));
    await stopServerProcess(server);
    return measured;
  } finally {
    await postgres.stop();
  }
}
