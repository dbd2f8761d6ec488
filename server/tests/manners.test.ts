import { randomUUID } from 'node:crypto';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { openApiDocument } from '../openapi/document';
import { Copy, type DeviceAt } from './copy';

let copy: Copy;
let phone: DeviceAt;

beforeAll(async () => {
  copy = await Copy.start();
  phone = await copy.device('TR');
}, 60_000);

afterAll(() => copy.stop());

const ask = (path: string, init: RequestInit = {}) =>
  fetch(copy.address + path, { ...init, headers: { cookie: phone.cookie, ...init.headers } });

/** A documented address with something in each of its places. */
function filled(path: string): string {
  return path.replace(/\{(\w+)\}/g, (_, name: string) => (name === 'id' ? randomUUID() : 'x1'));
}

it('a connection is held open longer than a proxy before the server holds its own', async () => {
  const { headers } = await ask('/health');
  expect(headers.get('keep-alive')).toBe('timeout=75');
});

describe('an address asked as it is not meant to be', () => {
  const { paths } = openApiDocument('test');

  it('is answered with 405 and what it takes: every documented one, by every other method', async () => {
    for (const [path, methods] of Object.entries(paths)) {
      const takes = Object.keys(methods).map((method) => method.toUpperCase());
      for (const method of ['GET', 'POST', 'PUT', 'DELETE', 'PATCH'].filter(
        (m) => !takes.includes(m),
      )) {
        const response = await ask(filled(path), { method });
        expect([path, method, response.status]).toEqual([path, method, 405]);
        expect(response.headers.get('allow')?.split(', ').sort()).toEqual([...takes].sort());
      }
    }
  });

  it('with a body of another kind is answered with 415 and what it takes', async () => {
    for (const [path, methods] of Object.entries(paths)) {
      for (const [method, operation] of Object.entries(methods)) {
        if (!('requestBody' in (operation as object))) continue;
        const response = await ask(filled(path), {
          method: method.toUpperCase(),
          headers: { 'content-type': 'text/csv' },
          body: 'a,b',
        });
        const { code, detail } = (await response.json()) as { code: string; detail: string };
        expect([path, response.status, code]).toEqual([path, 415, 'wrong-media']);
        expect(detail).toMatch(/application\/json|image\/jpeg/);
      }
    }
  });
});

describe('answers', () => {
  it('of the interface are stored nowhere, but pictures, which never change', async () => {
    for (const path of ['/api/jobs', '/api/session', '/api/instance', '/api/nowhere']) {
      expect((await ask(path)).headers.get('cache-control')).toBe('no-store');
    }
  });

  it('let a page speak to instruments of this machine only', async () => {
    const policy = (await ask('/health')).headers.get('content-security-policy') ?? '';
    const connect = policy.split(';').find((item) => item.startsWith('connect-src'));
    expect(connect?.split(' ').slice(1)).toEqual([
      "'self'",
      'ws://127.0.0.1:*',
      'ws://localhost:*',
    ]);
  });

  it('that are problems lead to a page that explains them', async () => {
    const problem = (await (await ask('/api/nowhere')).json()) as { type: string };
    const page = await ask(problem.type);
    expect([page.status, page.headers.get('content-type')]).toEqual([
      200,
      'text/html; charset=utf-8',
    ]);
    expect(await page.text()).toContain('<h1>Not here</h1>');
    expect((await ask('/problems/constructor')).status).toBe(404);
  });

  it('to an act the rules refuse lead to one too', async () => {
    const act = phone.act(DEMO_JOB.conveyor, 'bolt.pulled', {
      key: 'no/such/run',
      pass: 1,
      nm: 1,
      setNm: 1,
      wrench: randomUUID(),
    });
    const { body } = await phone.post(`/api/jobs/${DEMO_JOB.conveyor}/acts`, {
      sentAt: new Date().toISOString(),
      acts: [act, { ...act, id: 7 }],
    });
    const { outcomes } = body as { outcomes: { status: string; id: string | null }[] };
    expect(outcomes.map(({ status, id }) => [status, id])).toEqual([
      ['refused', act.id],
      ['refused', null],
    ]);
    expect((await ask('/problems/refused')).status).toBe(200);
  });
});

describe('a calendar with nothing in it', () => {
  it('is a calendar all the same: it has a component, as every one must', async () => {
    const response = await ask(`/api/jobs/${DEMO_JOB.conveyor}/after-heat.ics`);
    const text = await response.text();
    expect(text).not.toContain('BEGIN:VEVENT');
    expect(text.match(/^BEGIN:V(?!CALENDAR)\w+/gm)).toEqual(['BEGIN:VTIMEZONE']);
    expect(text).toMatch(/BEGIN:STANDARD\r\n(DTSTART|TZ)/);
  });
});
