import pg from 'pg';
import { newDemoDatabase } from '../../scripts/testDatabase';
import { BACKUP_ROLE } from '../database/roles';

let server: pg.Client;
let owner: pg.Client;

beforeAll(async () => {
  const { DATABASE_URL, DATABASE_OWNER_URL } = await newDemoDatabase();
  server = new pg.Client({ connectionString: DATABASE_URL });
  owner = new pg.Client({ connectionString: DATABASE_OWNER_URL });
  await Promise.all([server.connect(), owner.connect()]);
}, 60_000);

afterAll(() => Promise.all([server.end(), owner.end()]));

describe('the role the server runs as', () => {
  it.each([
    'ALTER TABLE events DISABLE TRIGGER ALL',
    'ALTER TABLE events DISABLE TRIGGER events_keep_rows',
    'DROP TRIGGER events_keep_rows ON events',
    'SET session_replication_role = replica',
    'CREATE OR REPLACE FUNCTION never_changed() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RETURN OLD; END $$',
    "UPDATE events SET event = '{}'",
    'DELETE FROM events',
    'TRUNCATE events CASCADE',
    'DELETE FROM streams',
    "UPDATE sheets SET document = '{}'",
    'DELETE FROM photographs',
    'UPDATE generation SET number = 1',
    "UPDATE instance SET cookie_secret = 'mine'",
    'DROP TABLE events',
    'CREATE TABLE mine (x int)',
    'SET ROLE cardinex',
  ])('cannot: %s', async (sql) => {
    const tried = await server.query(sql).then(
      () => 'done',
      (error: pg.DatabaseError) => error.code,
    );
    // insufficient_privilege
    expect(tried).toBe('42501');
  });

  it('reads every table there is', async () => {
    const { rows } = await owner.query<{ table_name: string }>(
      "SELECT table_name FROM information_schema.tables WHERE table_schema = 'public'",
    );
    for (const { table_name } of rows) {
      await expect(server.query(`SELECT 1 FROM ${table_name} LIMIT 1`)).resolves.toBeDefined();
    }
  });
});

it('events are kept even from their owner, by their triggers', async () => {
  await expect(owner.query('DELETE FROM events')).rejects.toThrow(/never changed or removed/);
});

it('the role of backups reads what is to be kept, and nothing that lets anyone in', async () => {
  await owner.query(`SET ROLE ${BACKUP_ROLE}`);
  await expect(owner.query('SELECT 1 FROM events LIMIT 1')).resolves.toBeDefined();
  await expect(owner.query('SELECT 1 FROM http_sessions')).rejects.toThrow(/permission denied/);
  await expect(owner.query('DELETE FROM sign_in_attempts')).rejects.toThrow(/permission denied/);
  await owner.query('RESET ROLE');
});
