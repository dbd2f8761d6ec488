import { RECKONINGS, RECKON_NAMES } from '@cardinex/contract/reckon/reckonings';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { crewMember, lockside } from '@cardinex/demo/shops';
import { Copy, DeviceAt } from './copy';

let copy: Copy;
let phone: DeviceAt;
let stranger: DeviceAt;

beforeAll(async () => {
  copy = await Copy.start();
  phone = await copy.device('TR');
  stranger = new DeviceAt(copy.address);
}, 60_000);

afterAll(() => copy.stop());

describe('reckonings over HTTP', () => {
  it.each(RECKON_NAMES)(
    '%s answers its published example in its published shape, without sign-in',
    async (name) => {
      const { status, body } = await stranger.post(`/api/reckon/${name}`, RECKONINGS[name].example);
      expect(status).toBe(200);
      expect(RECKONINGS[name].answer.safeParse(body).error).toBeUndefined();
    },
  );

  it.each(RECKON_NAMES)('%s refuses a misspelt field by its name', async (name) => {
    const { status, body } = await stranger.post(`/api/reckon/${name}`, {
      ...RECKONINGS[name].example,
      limt: 1,
    });
    expect(status).toBe(422);
    expect(body).toMatchObject({ code: 'bad-field', field: 'limt' });
  });

  it('refuse a misspelt limit deep inside, rather than drop the check', async () => {
    const input = RECKONINGS['liner-check'].example;
    const limits = { ...input.limits, tiltMM: 0.01 };
    const { status, body } = await stranger.post('/api/reckon/liner-check', { ...input, limits });
    expect(status).toBe(422);
    expect(body).toMatchObject({ field: 'limits.tiltMM' });
  });

  it('name the field of an impossible value, with a sentence', async () => {
    const { status, body } = await stranger.post('/api/reckon/adapter-setting', {
      ...RECKONINGS['adapter-setting'].example,
      adapterMm: 300,
      adapterDeg: 180,
    });
    expect(status).toBe(422);
    expect(body).toMatchObject({
      code: 'reckoning-fault',
      field: 'adapterMm',
      detail: expect.stringContaining('adapterMm folded back this far') as string,
      fault: { code: 'adapter-too-long' },
    });
  });

  it('name every field that is wrong, with its bounds', async () => {
    const { status, body } = await stranger.post('/api/reckon/screw-turn', {
      ...RECKONINGS['screw-turn'].example,
      pitchMm: 0,
      rockerRatio: undefined,
    });
    expect(status).toBe(422);
    expect(body).toMatchObject({
      code: 'bad-field',
      field: 'pitchMm',
      detail: 'pitchMm: must be a number from 0.000001 to 10000 mm.',
      faults: [
        { at: 'pitchMm', says: 'must be a number from 0.000001 to 10000 mm', bars: true },
        {
          at: 'rockerRatio',
          says: 'is missing: must be a number from 0.000001 to 100',
          bars: true,
        },
      ],
    });
  });

  it('know no other names', async () => {
    expect((await stranger.post('/api/reckon/constructor', {})).status).toBe(404);
  });
});

describe('bad requests', () => {
  const posts = ['/api/session', '/api/reckon/liner-check', `/api/jobs/${DEMO_JOB.baler}/acts`];
  const bodies = [
    '',
    '{',
    '[]',
    'null',
    '"x"',
    '{"acts":{}}',
    '\u0000',
    '{"a":1}'.repeat(3),
    '{"__proto__":{"x":1}}',
  ];

  it('are never a fault of the server', async () => {
    for (const path of posts) {
      for (const body of bodies) {
        const { status } = await phone.postRaw(path, body);
        expect([path, body, status >= 400 && status < 500]).toEqual([path, body, true]);
      }
    }
  });

  it('answer problem details, also for what is too large or of the wrong kind', async () => {
    const large = await phone.postRaw('/api/reckon/liner-check', `"${'x'.repeat(1_100_000)}"`);
    expect(large.body).toMatchObject({ status: 413, code: 'too-large' });
    const response = await fetch(`${copy.address}/api/nothing`);
    expect(response.headers.get('content-type')).toContain('application/problem+json');
    expect(response.status).toBe(404);
  });

  it('for words that no database could keep are refused at their field', async () => {
    const act = phone.act(DEMO_JOB.conveyor, 'struck', {
      target: '01900001-0000-7000-8000-000000000001',
      words: 'nul \u0000 here',
    });
    const { outcomes } = await phone.send(DEMO_JOB.conveyor, act);
    expect(outcomes[0]?.problem?.field).toBe('data.words');
  });

  it('to something that is no job number are told so', async () => {
    expect((await phone.get('/api/jobs/7')).status).toBe(422);
  });
});

describe('signing in', () => {
  it('is needed for anything of a shop', async () => {
    for (const path of ['/api/jobs', '/api/sheets', '/api/tools', `/api/jobs/${DEMO_JOB.baler}`]) {
      expect((await stranger.get(path)).status).toBe(401);
    }
    expect((await stranger.get('/api/session')).body).toBeNull();
  });

  it('adds members to the device, which stays the same device', async () => {
    const tablet = await copy.device('TR');
    const first = tablet.session?.device;
    await tablet.signIn(lockside, 'WH');
    expect(tablet.session?.device).toBe(first);
    expect(Object.keys(tablet.session?.proved ?? {})).toHaveLength(2);
  });

  it('sets a cookie that no script can read and that RECKON_NAMES this database', async () => {
    const member = crewMember(lockside, 'WH');
    const response = await fetch(`${copy.address}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ shop: lockside.slug, member: member.id, secret: member.secret }),
    });
    const cookie = response.headers.get('set-cookie') ?? '';
    const { rows } = await copy.database.query<{ id: string }>('SELECT id FROM instance');
    expect(cookie).toContain(`cardinex.${rows[0]?.id}=`);
    expect(cookie).toContain('HttpOnly');
    expect(cookie).toContain('SameSite=Strict');
  });

  it('is held up after too many wrong tries', async () => {
    const member = crewMember(lockside, 'PS').id;
    const guess = () => stranger.post('/api/session', { shop: 'lockside', member, secret: '0000' });
    const statuses: number[] = [];
    for (let tries = 0; tries < 10; tries += 1) statuses.push((await guess()).status);
    expect(statuses.slice(0, 8)).toEqual(Array(8).fill(401));
    expect(statuses.slice(8)).toEqual([429, 429]);
  });
});

describe('the server', () => {
  it('is alive and ready, and publishes what it takes', async () => {
    expect((await stranger.get('/health')).body).toEqual({ status: 'alive' });
    expect((await stranger.get('/ready')).body).toEqual({ status: 'ready' });
    const { body } = await stranger.get('/api/openapi.json');
    const document = body as { openapi: string; paths: Record<string, unknown> };
    expect(document.openapi).toBe('3.1.0');
    expect(Object.keys(document.paths)).toEqual(
      expect.arrayContaining(RECKON_NAMES.map((n) => `/api/reckon/${n}`)),
    );
  });

  it('tells a listening device of another’s act, from where it left off', async () => {
    const other = await copy.device('WH');
    const head = (await phone.events(DEMO_JOB.conveyor)).length;
    const abort = new AbortController();
    const response = await fetch(`${copy.address}/api/jobs/${DEMO_JOB.conveyor}/live`, {
      headers: { cookie: phone.cookie, 'last-event-id': String(head - 1) },
      signal: abort.signal,
    });
    const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
    const act = other.act(
      DEMO_JOB.conveyor,
      'liner.read',
      { bore: '4', place: 0, mm: 0.1, printed: { text: '0.1', unit: 'mm' } },
      { by: crewMember(lockside, 'WH').id },
    );
    await other.send(DEMO_JOB.conveyor, act);
    let heard = '';
    while (!heard.includes(act.id)) heard += (await reader?.read())?.value ?? '';
    abort.abort();
    expect([...heard.matchAll(/^id: (\d+)$/gm)].map((m) => Number(m[1]))).toEqual([head, head + 1]);
  });
});
