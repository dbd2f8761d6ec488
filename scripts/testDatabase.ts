import { randomBytes } from 'node:crypto';
import pg from 'pg';

/**
 * A database of its own for a test, in the cluster the test run started
 * (`CARDINEX_TEST_DATABASES`, an address with `{name}` in it).
 */
export async function newTestDatabase(): Promise<string> {
  const pattern = process.env.CARDINEX_TEST_DATABASES;
  if (!pattern) throw new Error('Run these through npm test, which starts the database they need.');
  const address = decodeURIComponent(pattern);
  const name = `test_${randomBytes(8).toString('hex')}`;
  const admin = new pg.Client({ connectionString: address.replace('{name}', 'postgres') });
  await admin.connect();
  await admin.query(`CREATE DATABASE ${name}`);
  await admin.end();
  return address.replace('{name}', name);
}
