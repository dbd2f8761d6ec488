import { spawn } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import path from 'node:path';
import pg from 'pg';
import { newDemoDatabase, newEmptyDatabase } from '../../scripts/testDatabase';
import type { DatabaseAddresses } from '../../scripts/prepareDatabase';
import { isInTheOpen, readConfig } from '../config';
import { StartupError } from '../startupError';

const main = path.resolve(__dirname, '../main.ts');

interface Refused {
  readonly said: string;
  readonly code: number | null;
}

/** Starts a server that must not start; what it said, and how it ended. */
function refusedStart(env: Record<string, string>): Promise<Refused> {
  const child = spawn(process.execPath, ['--import', 'tsx', main], {
    env: { PATH: process.env.PATH, PORT: '0', LOG_LEVEL: 'error', ...env },
  });
  let text = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => (text += chunk.toString()));
  return new Promise((done) => {
    child.once('close', (code) => done({ said: text.trim(), code }));
  });
}

async function inDatabase(
  { DATABASE_OWNER_URL }: DatabaseAddresses,
  sql: string,
): Promise<unknown[]> {
  const client = new pg.Client({ connectionString: DATABASE_OWNER_URL });
  await client.connect();
  try {
    return (await client.query<Record<string, unknown>>(sql)).rows;
  } finally {
    await client.end();
  }
}

const TABLES = `SELECT table_name FROM information_schema.tables WHERE table_schema = 'public' ORDER BY 1`;

describe('settings', () => {
  const read = (env: Record<string, string>) => () => readConfig({ DATABASE_URL: 'x', ...env });

  it.each([
    [{ TLS_CERT: '/nowhere/cert.pem' }, /^TLS_KEY: is needed beside TLS_CERT/],
    [{ TLS_KEY: '/nowhere/key.pem' }, /^TLS_CERT: is needed beside TLS_KEY/],
    [{ PORT: 'many' }, /PORT:/],
    [{ TRUST_PROXY: 'yes' }, /TRUST_PROXY:/],
    [{ INSTRUMENT_ORIGINS: 'wss:' }, /INSTRUMENT_ORIGINS: is a list like/],
    [{ INSTRUMENT_ORIGINS: 'wss://*' }, /INSTRUMENT_ORIGINS: is a list like/],
  ])('are refused by name: %j', (setting, sentence) => {
    expect(read(setting)).toThrow(StartupError);
    expect(read(setting)).toThrow(sentence);
  });

  it('that put plain HTTP beyond this machine are told from those that do not', () => {
    const open = (env: Record<string, string>) => isInTheOpen(read(env)());
    expect([open({}), open({ HOST: 'localhost' }), open({ HOST: '::1' })]).toEqual([
      false,
      false,
      false,
    ]);
    expect([open({ HOST: '0.0.0.0' }), open({ HOST: '::' }), open({ HOST: '10.0.0.7' })]).toEqual([
      true,
      true,
      true,
    ]);
    expect(open({ HOST: '0.0.0.0', TRUST_PROXY: '1' })).toBe(false);
    expect(open({ HOST: '0.0.0.0', TLS_CERT: 'c', TLS_KEY: 'k' })).toBe(false);
  });

  it('of instruments are a list of origins', () => {
    const { instrumentOrigins } = read({
      INSTRUMENT_ORIGINS: 'wss://wrench.shop:4705  ws://10.0.0.7:4705',
    })();
    expect(instrumentOrigins).toEqual(['wss://wrench.shop:4705', 'ws://10.0.0.7:4705']);
  });
});

describe('a server that cannot start', () => {
  it('says why in a sentence, without a stack', async () => {
    const addresses = await newDemoDatabase();
    const other = createServer();
    await new Promise<void>((done) => other.listen(0, '127.0.0.1', done));
    const { port } = other.address() as AddressInfo;
    const refusals = await Promise.all([
      refusedStart({ ...addresses, PORT: String(port) }),
      refusedStart({ ...addresses, TLS_CERT: '/nowhere/c', TLS_KEY: '/nowhere/k' }),
      refusedStart({ ...addresses, TLS_CERT: __filename, TLS_KEY: __filename }),
      refusedStart({ DATABASE_URL: 'postgres://nobody:x@127.0.0.1:9/none' }),
    ]);
    other.close();
    expect(refusals.map(({ code }) => code)).toEqual([1, 1, 1, 1]);
    expect(refusals.map(({ said }) => said.split('(')[0])).toEqual([
      `Port ${port} is taken by another program. Set PORT to one that is free, or end that program.`,
      'TLS_CERT: there is no file at /nowhere/c that this server may read.',
      expect.stringMatching(/^TLS_CERT and TLS_KEY are no certificate with its key/),
      'The database cannot be reached ',
    ]);
    expect(refusals.map(({ said }) => said).join()).not.toContain('    at ');
  }, 60_000);
});

describe('a database of another build', () => {
  it('is left as it is, and it is said which build it needs', async () => {
    const older = await newEmptyDatabase();
    await inDatabase(older, 'CREATE TABLE instance (id int); INSERT INTO instance VALUES (7)');
    const newer = await newDemoDatabase();
    await inDatabase(newer, 'UPDATE generation SET number = 99');
    const ahead = await newDemoDatabase();
    await inDatabase(ahead, "INSERT INTO migrations (name) VALUES ('9999-from-tomorrow')");
    const streams = 'SELECT * FROM streams ORDER BY stream_id';
    const before = await Promise.all([newer, ahead].map((entry) => inDatabase(entry, streams)));
    const refusals = await Promise.all(
      [older, newer, ahead].map((addresses) => refusedStart({ ...addresses })),
    );
    expect(refusals).toEqual([
      { said: expect.stringMatching(/older build .*npm start -- --fresh/), code: 1 },
      { said: expect.stringContaining('newer build'), code: 1 },
      { said: expect.stringContaining('newer build'), code: 1 },
    ]);
    expect(await inDatabase(older, TABLES)).toEqual([{ table_name: 'instance' }]);
    expect(await inDatabase(older, 'SELECT * FROM instance')).toEqual([{ id: 7 }]);
    expect(await Promise.all([newer, ahead].map((item) => inDatabase(item, streams)))).toEqual(
      before,
    );
  }, 60_000);
});
