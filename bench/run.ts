import path from 'node:path';
import { appFolder, exportApp } from '../scripts/exportApp';
import { startPostgres } from '../scripts/postgres';
import { prepareDatabase } from '../scripts/prepareDatabase';
import { scratchFolder } from '../scripts/scratch';
import {
  startServerProcess,
  stopServerProcess,
  type ServerProcess,
} from '../scripts/serverProcess';
import { benchActs } from './acts';
import { benchArrange } from './arrange';
import { benchBoard } from './board';
import { benchClamp } from './clamp';
import { benchDecide } from './decide';
import { benchFirstLoad } from './firstLoad';
import { benchPlan } from './plan';
import { holds, lineOf, type Result, type ServerAt } from './result';
import { benchScreen } from './screen';

/** Measures what the product promises: `npm run bench`, or `npm run bench plan acts` for some of it. */
const wanted = process.argv.slice(2);
const wants = (name: string): boolean => wanted.length === 0 || wanted.includes(name);
const results: Result[] = [];

if (wants('plan')) results.push(...benchPlan());
if (wants('arrange')) results.push(...benchArrange());
if (wants('clamp')) results.push(...benchClamp());
if (wants('decide')) results.push(...benchDecide());
if (wants('screen') || wants('load')) await exportApp();
const onServer = { acts: benchActs, screen: benchScreen, board: benchBoard };
if (Object.keys(onServer).some(wants)) results.push(...(await onServers(onServer)));
if (wants('load')) results.push(...(await benchFirstLoad()));

results.forEach((result) => console.log(lineOf(result)));
process.exit(results.every(holds) ? 0 : 1);

type OnServer = (server: ServerProcess, at: ServerAt) => Promise<Result[]>;

/** Each on a database of its own: what one leaves behind is nobody's whom another measures. */
async function onServers(benches: Readonly<Record<string, OnServer>>): Promise<Result[]> {
  const postgres = await startPostgres(path.join(scratchFolder('bench'), 'data'));
  const measured: Result[] = [];
  try {
    for (const [name, bench] of Object.entries(benches)) {
      if (!wants(name)) continue;
      await postgres.createDatabase(name);
      const database = postgres.addresses(name);
      await prepareDatabase(database);
      const env = { ...database, PORT: '0', CARDINEX_APP: appFolder, LOG_LEVEL: 'error' };
      const server = await startServerProcess(env);
      measured.push(...(await bench(server, { database, env })));
      await stopServerProcess(server);
    }
  } finally {
    await postgres.stop();
  }
  return measured;
}
