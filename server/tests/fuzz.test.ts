import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { DEMO_JOB, demoJobs } from '@cardinex/demo/jobs';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { crewMember, lockside } from '@cardinex/demo/shops';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { RECKONINGS } from '@cardinex/contract/reckon/reckonings';
import { openApiDocument } from '../openapi/document';
import { Copy, type DeviceAt } from './copy';
import { RAW_WORDS } from './rawWords';

/**
 * Requests that nobody would send, to every address there is: none may be a fault of the server. Many
 * more of them go with `npm run test:long` (CARDINEX_FUZZ says how many).
 */
const REQUESTS = Number(process.env.CARDINEX_FUZZ ?? 2000);
const AT_ONCE = 8;

let copy: Copy;
let devices: readonly (DeviceAt | null)[];

beforeAll(async () => {
  copy = await Copy.start();
  devices = [null, await copy.device('TR'), await copy.device('MO'), await copy.device('WH')];
}, 60_000);

afterAll(() => copy.stop());

interface Asked {
  readonly method: string;
  readonly path: string;
  readonly device: number;
  readonly type: string | null;
  readonly body: string | null;
}

const { paths } = openApiDocument('test');
const member = crewMember(lockside, 'TR');
const acts = demoJobs(new Date()).flatMap((job) => job.acts);

/** What could stand in a place of a path, or as a query: right ones, and what is none. */
const filler = fc.oneof(
  fc.constantFrom(
    ...Object.values(DEMO_JOB),
    ...Object.values(DEMO_TOOL),
    ...demoSheets.map(({ id }) => id),
    'lockside',
    '1',
    '0',
    '-1',
    '99999999999999999999',
    '%00',
    '%E0%A4%A',
    '..%2f..%2fetc',
    "'; --",
    '\u{1F527}',
    'x'.repeat(3000),
  ),
  fc.uuid(),
  fc.string({ maxLength: 20 }).map(encodeURIComponent),
);

const query = fc.oneof(
  { weight: 4, arbitrary: fc.constant('') },
  fc.constantFrom(
    '?size=huge',
    '?size=small&size=full',
    '?after=-5',
    '?after=1e9',
    '?finishedBefore=x',
    `?finishedBefore=${new Date().toISOString()}~${DEMO_JOB.baler}`,
    '?__proto__[x]=1',
    '?a[b][c]=d',
  ),
);

/** Bodies that are right somewhere, so that more than the door is tried. */
const rightBody = fc.constantFrom<unknown>(
  ...Object.values(RECKONINGS).map(({ example }) => example),
  { shop: 'lockside', member: member.id, secret: '0000' },
  { by: member.id, sheets: [demoSheets[0]] },
  ...demoSheets.slice(0, 2),
  ...acts.slice(0, 400).map((act) => ({
    sentAt: new Date().toISOString(),
    acts: [{ ...act, id: randomUUID() }],
  })),
  { id: randomUUID(), v: 1, type: 'tool.retired', at: new Date().toISOString(), by: member.id },
);
const junk = fc.constantFrom<unknown>(
  null,
  '',
  [],
  {},
  true,
  0,
  -1,
  1e308,
  '\u0000',
  'x'.repeat(500),
);

/** One value somewhere inside replaced by another. */
function spoilt(value: unknown, to: unknown, pick: number): unknown {
  if (typeof value !== 'object' || value === null) return to;
  const keys = Object.keys(value);
  const key = keys[pick % Math.max(keys.length, 1)];
  if (key === undefined || pick % 7 === 0) return to;
  const inner = spoilt((value as never)[key], to, Math.floor(pick / keys.length));
  if (Array.isArray(value)) return value.map((entry, at) => (String(at) === key ? inner : entry));
  return { ...value, [key]: inner };
}

const body = fc.oneof(
  fc.constant(null),
  fc.constantFrom('{', '[]', 'null', '"x"', '\u0000', '{"__proto__":{"x":1}}', '['.repeat(5000)),
  fc
    .tuple(rightBody, junk, fc.nat())
    .map(([right, to, at]) => JSON.stringify(spoilt(right, to, at))),
  rightBody.map((right) => JSON.stringify(right)),
);

const asked: fc.Arbitrary<Asked> = fc
  .record({
    path: fc.constantFrom(...Object.keys(paths)),
    fill: fc.array(filler, { minLength: 3, maxLength: 3 }),
    query,
    documented: fc.integer({ min: 0, max: 9 }),
    method: fc.constantFrom('GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS'),
    device: fc.nat({ max: 3 }),
    type: fc.oneof(
      { weight: 5, arbitrary: fc.constant('application/json') },
      fc.constantFrom(null, 'text/plain', 'image/jpeg', 'application/json; charset=utf-7', ';;'),
    ),
    body,
  })
  .map(({ path, fill, query: asks, documented, method, ...rest }) => {
    let place = 0;
    const filled = path.replace(/\{\w+\}/g, () => fill[place++] ?? 'x');
    const [first = 'GET'] = Object.keys(paths[path] ?? {});
    const own = documented < 8 ? first.toUpperCase() : method;
    // Signing everyone out over and over would leave nothing to try.
    const used = own === 'DELETE' && path.startsWith('/api/session') ? 'PATCH' : own;
    return { ...rest, method: used, path: filled + asks };
  });

async function ask({ method, path, device, type, body: sent }: Asked): Promise<string | null> {
  const cookie = devices[device]?.cookie;
  const abort = new AbortController();
  const late = setTimeout(() => abort.abort(), 20_000);
  try {
    const response = await fetch(copy.address + path, {
      method,
      redirect: 'manual',
      signal: abort.signal,
      headers: { ...(cookie && { cookie }), ...(type !== null && { 'content-type': type }) },
      ...(sent !== null && method !== 'GET' && method !== 'HEAD' && { body: sent }),
    });
    const isStream = response.headers.get('content-type') === 'text/event-stream';
    const text = isStream ? '' : await response.text();
    abort.abort();
    const isBad = response.status >= 500 || RAW_WORDS.test(text);
    return isBad ? `${method} ${path}: ${response.status} ${text}` : null;
  } catch (error) {
    return `${method} ${path}: ${String(error)}`;
  } finally {
    clearTimeout(late);
  }
}

it(`of ${REQUESTS} requests that make no sense none is a fault of the server`, async () => {
  const all = fc.sample(asked, { numRuns: REQUESTS, seed: Number(process.env.CARDINEX_SEED ?? 1) });
  const faults: string[] = [];
  let next = 0;
  const work = async (): Promise<void> => {
    for (let one = all[next++]; one; one = all[next++]) {
      const fault = await ask(one);
      if (fault) faults.push(fault);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, work));
  expect(faults).toEqual([]);
  expect((await fetch(`${copy.address}/ready`)).status).toBe(200);
}, 900_000);
