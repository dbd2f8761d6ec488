import { randomBytes } from 'node:crypto';
import pg from 'pg';
import { prepareDatabase } from './prepareDatabase';

/** The database that has the demo in it, copied for every test that needs one; and the same while it is being filled. */
const DEMO = 'demo';
const FILLING = 'demo_filling';

/** One process fills it, the others wait. */
const TURN = 1;

/** A database of its own for a test, with the demo shops in it. They are told once and copied from then on. */
export async function newDemoDatabase(): Promise<string> {
  await asAdmin(async (admin) => {
    await admin.query('SELECT pg_advisory_lock($1)', [TURN]);
    const { rowCount } = await admin.query('SELECT 1 FROM pg_database WHERE datname = $1', [DEMO]);
    if (rowCount !== 0) return;
    await admin.query(`DROP DATABASE IF EXISTS ${FILLING}`);
    await admin.query(`CREATE DATABASE ${FILLING}`);
    await prepareDatabase(addressOf(FILLING));
    await admin.query(`ALTER DATABASE ${FILLING} RENAME TO ${DEMO}`);
  });
  const name = `test_${randomBytes(8).toString('hex')}`;
  await asAdmin((admin) => admin.query(`CREATE DATABASE ${name} TEMPLATE ${DEMO}`));
  return addressOf(name);
}

async function asAdmin(work: (admin: pg.Client) => Promise<unknown>): Promise<void> {
  const admin = new pg.Client({ connectionString: addressOf('postgres') });
  await admin.connect();
  try {
    await work(admin);
  } finally {
    await admin.end();
  }
}

/** A database of the cluster the test run started (`CARDINEX_TEST_DATABASES`, an address with `{name}` in it). */
function addressOf(name: string): string {
  const pattern = process.env.CARDINEX_TEST_DATABASES;
  if (!pattern) throw new Error('Run these through npm test, which starts the database they need.');
  return decodeURIComponent(pattern).replace('{name}', name);
}
