import { randomBytes } from 'node:crypto';
import pg from 'pg';
import type { Postgres } from './postgres';
import { prepareDatabase, type DatabaseAddresses } from './prepareDatabase';

/** The database that has the demo in it, copied for every test that needs one; and the same while it is being filled. */
const DEMO = 'demo';
const FILLING = 'demo_filling';

/** One process fills it, the others wait. */
const TURN = 1;

/**
 * What a run of tests, and the servers it starts, are told: the addresses of the cluster started for
 * it, with `{name}` in them, and that answers are to be held against what is published of them.
 */
export function testEnvironment(postgres: Postgres): Record<string, string> {
  return {
    CARDINEX_TEST_DATABASES: JSON.stringify(postgres.addresses('{name}')),
    CHECK_ANSWERS: 'true',
  };
}

/** A database of its own for a test, with the demo shops in it. They are told once and copied from then on. */
export async function newDemoDatabase(): Promise<DatabaseAddresses> {
  await asAdmin(async (admin) => {
    await admin.query('SELECT pg_advisory_lock($1)', [TURN]);
    const { rowCount } = await admin.query('SELECT 1 FROM pg_database WHERE datname = $1', [DEMO]);
    if (rowCount !== 0) return;
    await admin.query(`DROP DATABASE IF EXISTS ${FILLING}`);
    await admin.query(`CREATE DATABASE ${FILLING}`);
    await prepareDatabase(addressesOf(FILLING));
    await admin.query(`ALTER DATABASE ${FILLING} RENAME TO ${DEMO}`);
  });
  return newDatabase(`TEMPLATE ${DEMO}`);
}

/** An empty database of its own for a test. */
export function newEmptyDatabase(): Promise<DatabaseAddresses> {
  return newDatabase('');
}

async function newDatabase(like: string): Promise<DatabaseAddresses> {
  const name = `test_${randomBytes(8).toString('hex')}`;
  await asAdmin((admin) => admin.query(`CREATE DATABASE ${name} ${like}`));
  return addressesOf(name);
}

async function asAdmin(work: (admin: pg.Client) => Promise<unknown>): Promise<void> {
  const admin = new pg.Client({ connectionString: addressesOf('postgres').DATABASE_OWNER_URL });
  await admin.connect();
  try {
    await work(admin);
  } finally {
    await admin.end();
  }
}

/** A database of the cluster the test run started. */
function addressesOf(name: string): DatabaseAddresses {
  const given = process.env.CARDINEX_TEST_DATABASES;
  if (!given) throw new Error('Run these through npm test, which starts the database they need.');
  return JSON.parse(given.replaceAll('{name}', name)) as DatabaseAddresses;
}
