import http from 'node:http';
import { RECKONINGS } from '@cardinex/contract/reckon/reckonings';
import { Shares } from '../reckon/shares';
import { Copy } from './copy';

let copy: Copy;

beforeAll(async () => {
  copy = await Copy.start();
}, 60_000);

afterAll(() => copy.stop());

/** More ways of putting these liners into these bores than can be gone through in time. */
const HEAVY = {
  bores: Array.from({ length: 16 }, (_, place) => ({
    id: String(place + 1),
    counterboreMm: 8 + ((place * 37) % 101) / 1000,
  })),
  liners: Array.from({ length: 16 }, (_, place) => ({
    id: String(place + 1),
    flangeMm: 8 + ((place * 53 + 17) % 101) / 1000,
  })),
  shims: [0.01, 0.02, 0.03, 0.05, 0.07, 0.08].map((mm) => ({ mm, count: 30 })),
  shimRequired: false,
  maxShims: 4,
  limits: { lowMm: 0.05, highMm: 0.14, adjacentMm: 0.02, groupSpreadMm: 0.05 },
  rise: 'either',
};

interface Asked {
  readonly leave: () => void;
  readonly answer: Promise<{ readonly status: number; readonly retryAfter: string | undefined }>;
}

/** Asks from one of this machine's own addresses. */
function ask(name: string, input: unknown, localAddress: string): Asked {
  const body = JSON.stringify(input);
  const headers = { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) };
  const request = http.request(`${copy.address}/api/reckon/${name}`, {
    method: 'POST',
    headers,
    localAddress,
    agent: false,
  });
  const answer = new Promise<{ status: number; retryAfter: string | undefined }>((done) => {
    request.on('response', (response) => {
      response.resume();
      response.on('end', () =>
        done({ status: response.statusCode ?? 0, retryAfter: response.headers['retry-after'] }),
      );
    });
    request.on('error', () => done({ status: 0, retryAfter: undefined }));
  });
  request.end(body);
  return { leave: () => request.destroy(), answer };
}

const rim = (from: string) => ask('rim', RECKONINGS.rim.example, from).answer;
const soon = () => new Promise((done) => setTimeout(done, 200));

describe('a light reckoning', () => {
  it('is answered in time though eight heavy ones of another address are under way', async () => {
    const heavy = Array.from({ length: 8 }, () => ask('liner-arrange', HEAVY, '127.0.0.2'));
    await soon();
    expect((await rim('127.0.0.3')).status).toBe(200);
    // All of them have had the same time, from when they came: none waits for those before it.
    const statuses = await Promise.all(heavy.map(async ({ answer }) => (await answer).status));
    expect(statuses).toEqual(Array(8).fill(503));
  }, 30_000);

  it('is answered in time though eight heavy ones of its own address were left behind', async () => {
    const heavy = Array.from({ length: 8 }, () => ask('liner-arrange', HEAVY, '127.0.0.4'));
    await soon();
    heavy.forEach(({ leave }) => leave());
    expect((await rim('127.0.0.4')).status).toBe(200);
  }, 30_000);
});

it('an address that asks for more than its share is told to wait', async () => {
  const many = Array.from({ length: 40 }, () => ask('liner-arrange', HEAVY, '127.0.0.5'));
  const refused = await Promise.race(many.map(({ answer }) => answer));
  expect(refused).toEqual({ status: 429, retryAfter: '1' });
  expect((await rim('127.0.0.6')).status).toBe(200);
  many.forEach(({ leave }) => leave());
}, 30_000);

describe('shares', () => {
  const never = new AbortController().signal;
  const slow = () => soon();

  /** Pieces of work that say when they begin. */
  function diary() {
    const begun: string[] = [];
    const work = (name: string) => async () => {
      begun.push(name);
      await slow();
    };
    return { begun, work };
  }

  it('let one address have so much under way, in the order asked, and others beside it', async () => {
    const shares = new Shares(1);
    const { begun, work } = diary();
    await Promise.all([
      shares.inTurn('a', never, work('a1')),
      shares.inTurn('a', never, work('a2')),
      shares.inTurn('b', never, work('b1')),
      shares.inTurn('a', never, work('a3')),
    ]);
    expect(begun).toEqual(['a1', 'b1', 'a2', 'a3']);
  });

  it('never begin what has ended while it waited, and go on with the next', async () => {
    const shares = new Shares(1);
    const log: string[] = [];
    const gone = new AbortController();
    const first = shares.inTurn('a', never, slow);
    const second = shares.inTurn('a', gone.signal, async () => void log.push('second'));
    const third = shares.inTurn('a', never, async () => void log.push('third'));
    gone.abort();
    await expect(second).rejects.toThrow('ended');
    await Promise.all([first, third]);
    expect(log).toEqual(['third']);
  });

  it('count a network of IPv6 as one, and addresses of IPv4 one by one', async () => {
    const shares = new Shares(1);
    const { begun, work } = diary();
    await Promise.all([
      shares.inTurn('2001:db8:1:2:3::1', never, work('first')),
      shares.inTurn('2001:db8:1:2:9::7', never, work('its neighbour')),
      shares.inTurn('2001:db8:1:3::1', never, work('another')),
      shares.inTurn('::ffff:10.0.0.1', never, work('v4')),
      shares.inTurn('::ffff:10.0.0.2', never, work('v4 too')),
    ]);
    expect(begun.at(-1)).toBe('its neighbour');
  });
});
