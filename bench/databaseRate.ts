import { execFile } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import type pg from 'pg';
import type { JobEvent } from '../core/job/act';
import { FIRST_PREVIOUS_HASH } from '../core/job/chain';
import { lockside } from '../demo/shops';
import { postgresPrograms } from '../scripts/debian';
import { scratchFolder } from '../scripts/scratch';

/** How often each client goes through its job. */
const TIMES = 6;

/**
 * How many rows the database itself takes in a second, when nobody decides, hashes or reads anything: the
 * same jobs at as many clients at once, each post one statement, by PostgreSQL's own bench.
 * @param jobs streams whose events are sent again, one to a client
 * @param batch events to a statement
 */
export async function databaseRate(
  url: string,
  owner: pg.Client,
  jobs: readonly string[],
  batch: number,
): Promise<number> {
  const logs: (readonly JobEvent[])[] = [];
  for (const job of jobs) logs.push(await eventsOf(owner, job));
  const file = path.join(scratchFolder('pgbench'), 'posts.sql');
  writeFileSync(file, scriptOf(logs, batch));
  const tps = async (times: number): Promise<number> => {
    const clients = ['-c', String(jobs.length), '-j', '2', '-t', String(times)];
    const pgbench = path.join(postgresPrograms(), 'pgbench');
    const { stdout } = await promisify(execFile)(pgbench, ['-n', '-f', file, ...clients, url]);
    return Number(/tps = ([\d.]+)/.exec(stdout)?.[1]);
  };
  await tps(1);
  const rows = logs.reduce((sum, log) => sum + log.length, 0);
  // A transaction, as it counts them, is one client's whole job.
  return ((await tps(TIMES)) * rows) / logs.length;
}

async function eventsOf(owner: pg.Client, job: string): Promise<readonly JobEvent[]> {
  const { rows } = await owner.query<{ event: JobEvent }>(
    `SELECT event FROM events WHERE stream_kind = 'job' AND stream_id = $1 ORDER BY seq`,
    [job],
  );
  return rows.map(({ event }) => event);
}

/** Each client tells the job of its number on a stream of its own. */
function scriptOf(logs: readonly (readonly JobEvent[])[], batch: number): string {
  const branches = logs.map((log, place) => {
    const posts = Array.from({ length: Math.ceil(log.length / batch) }, (_, post) =>
      postOf(log.slice(post * batch, (post + 1) * batch)),
    );
    return `${place === 0 ? '\\if' : '\\elif'} :client_id = ${place}\n${posts.join('\n')}`;
  });
  return `SELECT gen_random_uuid() AS stream \\gset
INSERT INTO streams (shop_id, stream_kind, stream_id, head_seq, head_hash, begun_at)
  VALUES ('${lockside.id}', 'job', ':stream', 0, '${FIRST_PREVIOUS_HASH}', now());
${branches.join('\n')}
\\endif
`;
}

function postOf(events: readonly JobEvent[]): string {
  const last = events.at(-1);
  const rows = events.map(({ seq, ...event }) => `(${seq}, ${quoted({ seq, ...event })}::jsonb)`);
  return `WITH head AS (UPDATE streams SET head_seq = ${last?.seq}, head_hash = '${last?.hash}'
  WHERE shop_id = '${lockside.id}' AND stream_kind = 'job' AND stream_id = ':stream' AND head_seq = ${(events[0]?.seq ?? 1) - 1}
  RETURNING shop_id, stream_kind, stream_id)
INSERT INTO events (shop_id, stream_kind, stream_id, seq, act_id, event)
  SELECT shop_id, stream_kind, stream_id, seq, gen_random_uuid(), event FROM head, (VALUES ${rows.join(', ')}) AS post (seq, event);`;
}

function quoted(value: unknown): string {
  return `'${JSON.stringify(value).replaceAll("'", "''")}'`;
}
