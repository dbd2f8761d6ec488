import WebSocket from 'ws';
import {
  readInstrumentLine,
  readToInstrument,
  type HandMessage,
  type InstrumentMessage,
} from '@cardinex/contract/instruments/message';
import { traceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { serveInstruments, type Instruments } from './serve';
import { StandInWrench } from './wrench/standInWrench';

const AT = new Date('2026-03-02T08:00:00Z');

/** What a pull on the stand-in came to. */
function pulled(wrench: StandInWrench, hand: Omit<HandMessage, 'type'> = {}) {
  const reported = wrench.pull(hand, AT);
  const samples = reported.flatMap((entry) =>
    entry.type === 'sample' ? [{ deg: entry.deg ?? 0, nm: entry.nm ?? 0 }] : [],
  );
  return {
    samples,
    reading: reported.findLast(({ type }) => type === 'reading') as { nm: number; deg: number },
  };
}

describe('the stand-in wrench', () => {
  it('reaches the torque it is asked for, and the turn', () => {
    const wrench = new StandInWrench(3);
    wrench.aim({ type: 'target', of: 'h1', nm: 45 });
    expect(Math.abs(pulled(wrench).reading.nm - 45)).toBeLessThan(1.8);
    wrench.aim({ type: 'target', of: 'h1', deg: 90 });
    expect(Math.abs(pulled(wrench).reading.deg - 90)).toBeLessThan(2);
  });

  it('its bolts remember: what stands at 85 does not turn for 45', () => {
    const wrench = new StandInWrench(3);
    wrench.aim({ type: 'target', of: 'h1', nm: 85 });
    pulled(wrench);
    wrench.aim({ type: 'target', of: 'h1', nm: 45 });
    expect(pulled(wrench).reading.deg).toBeLessThan(2);
  });

  it('one that has been out turns from the start again', () => {
    const wrench = new StandInWrench(3);
    wrench.aim({ type: 'target', of: 'h1', nm: 60 });
    const first = pulled(wrench).reading.deg;
    expect(Math.abs(pulled(wrench, { fresh: true }).reading.deg - first)).toBeLessThan(4);
  });

  it('a hand that lets go early gives too little', () => {
    const wrench = new StandInWrench(3);
    wrench.aim({ type: 'target', of: 'h1', nm: 85 });
    expect(pulled(wrench, { share: 0.8 }).reading.nm).toBeLessThan(72);
  });

  it('the same seed pulls the same; every bolt is its own', () => {
    const one = (name: string, seed: number) => {
      const wrench = new StandInWrench(seed);
      wrench.aim({ type: 'target', of: name, nm: 60 });
      return pulled(wrench);
    };
    expect(one('h1', 5)).toEqual(one('h1', 5));
    expect(one('h2', 5).samples.length).not.toBe(0);
    expect(one('h2', 5)).not.toEqual(one('h1', 5));
  });

  it.each([
    ['dirty-thread', 'stick-slip'],
    ['bottomed', 'bottomed'],
  ] as const)('a bolt with %s shows in the samples it tells', (trouble, verdict) => {
    const wrench = new StandInWrench(11);
    wrench.aim({ type: 'target', of: 'h1', nm: 80 });
    const { samples } = pulled(wrench, { trouble });
    expect(traceVerdict({ samples, plan: { snugNm: 10, finalNm: 80 } }).verdict).toBe(verdict);
  });

  it('does nothing where nothing was asked', () => {
    expect(new StandInWrench(1).pull({}, AT)).toEqual([]);
  });
});

describe('over its socket', () => {
  let instruments: Instruments;
  beforeAll(async () => {
    instruments = await serveInstruments({ port: 0, sampleMs: 0 });
  });
  afterAll(() => instruments.close());

  /** Everything heard until a reading comes. */
  function heard(path: string, ...say: unknown[]): Promise<InstrumentMessage[]> {
    const socket = new WebSocket(`ws://${instruments.address}${path}`);
    const all: InstrumentMessage[] = [];
    return new Promise((resolve, reject) => {
      socket.on('error', reject);
      socket.on('open', () => say.forEach((entry) => socket.send(`${JSON.stringify(entry)}\n`)));
      socket.on('message', (data) => {
        const message = readInstrumentLine(String(data));
        if (!message) return reject(new Error(`not a message: ${String(data)}`));
        all.push(message);
        if (message.type !== 'reading') return;
        socket.close();
        resolve(all);
      });
    });
  }

  it('a wrench says what it is, then its samples, then what it came to', async () => {
    const all = await heard('/wrench', { type: 'target', of: 'h1', nm: 40 }, { type: 'pull' });
    expect(all[0]).toMatchObject({ type: 'hello', reads: ['torque', 'angle'] });
    expect(all.filter(({ type }) => type === 'sample').length).toBeGreaterThan(10);
    expect(all.at(-1)).toMatchObject({ type: 'reading' });
  });

  it('a pump gauge rises to the pressure', async () => {
    const all = await heard('/pump', { type: 'target', of: 's1', bar: 900 }, { type: 'pull' });
    const bars = all.flatMap((item) => (item.type === 'sample' ? [item.bar ?? 0] : []));
    expect(bars).toEqual([...bars].sort((a, b) => a - b));
    expect(Math.abs((all.at(-1) as { bar: number }).bar - 900)).toBeLessThan(20);
  });

  it('a crank encoder tells the way it went, forward and back, and where it stands', async () => {
    const on = await heard('/encoder', { type: 'pull', deg: 90 });
    const degrees = on.flatMap((each) => (each.type === 'sample' ? [each.deg ?? 0] : []));
    expect(degrees).toEqual([...degrees].sort((a, b) => a - b));
    expect(on.at(-1)).toMatchObject({ type: 'reading', deg: 90 });
    const back = await heard('/encoder', { type: 'pull', deg: -100 });
    expect(back.at(-1)).toMatchObject({ type: 'reading', deg: -10 });
  });

  it('a scanner tells the code of what is held before it', async () => {
    const [hello, read] = await heard(
      '/scanner',
      { type: 'pull' },
      { type: 'pull', code: 'AB23CD' },
    );
    expect(hello).toMatchObject({ reads: ['code'] });
    expect(read).toMatchObject({ type: 'reading', code: 'AB23CD' });
  });

  it('what is no message of the protocol is passed over', async () => {
    const all = await heard(
      '/wrench',
      'rubbish',
      { type: 'target', of: 'h1', nm: -4 },
      { type: 'target', of: 'h9', nm: 30 },
      { type: 'pull' },
    );
    expect((all.at(-1) as { nm: number }).nm).toBeGreaterThan(29);
  });

  it('there is a page for the hand, and nothing else', async () => {
    expect((await fetch(`http://${instruments.address}/`)).status).toBe(200);
    expect((await fetch(`http://${instruments.address}/etc`)).status).toBe(404);
  });
});

it.each(['', '{', '[]', '{"type":"hello"}', '{"type":"sample"}', '{"type":"pull","share":9}'])(
  'the line %s is no message',
  (line) => {
    expect(readInstrumentLine(line)).toBeNull();
    expect(readToInstrument(line)).toBeNull();
  },
);
