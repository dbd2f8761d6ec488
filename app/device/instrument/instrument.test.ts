import { openInstrument, type Values } from './openInstrument';

/** The sockets opened, newest last; each is answered by hand. */
class FakeSocket {
  static readonly OPEN = 1;
  static all: FakeSocket[] = [];
  readyState = 0;
  sent: string[] = [];
  onopen: (() => void) | null = null;
  onmessage: ((event: { data: string }) => void) | null = null;
  onclose: (() => void) | null = null;

  constructor(readonly address: string) {
    FakeSocket.all.push(this);
  }

  opens(): void {
    this.readyState = FakeSocket.OPEN;
    this.onopen?.();
  }

  says(...messages: object[]): void {
    const data = messages.map((entry) => `${JSON.stringify(entry)}\n`).join('');
    this.onmessage?.({ data });
  }

  send(line: string): void {
    this.sent.push(line);
  }

  close(): void {
    this.onclose?.();
  }
}

const latest = (): FakeSocket => {
  const socket = FakeSocket.all.at(-1);
  if (!socket) throw new Error('no socket');
  return socket;
};

const HELLO = { type: 'hello', format: 'instrument/1', name: 'W', reads: ['torque'] };
const AT = '2026-03-02T08:00:00.000Z';

function listening() {
  const heard: string[] = [];
  const readings: Values[] = [];
  const instrument = openInstrument('127.0.0.1:1/wrench', {
    onStanding: (standing, name) => heard.push(`${standing} ${name}`.trim()),
    onSample: ({ nm }) => heard.push(`sample ${nm}`),
    onReading: (values) => readings.push(values),
  });
  return { heard, readings, instrument };
}

beforeEach(() => {
  FakeSocket.all = [];
  jest.useFakeTimers();
  global.WebSocket = FakeSocket as never;
});
afterEach(() => jest.useRealTimers());

it('calls its address, and says who answered', () => {
  const { heard } = listening();
  expect(latest().address).toBe('ws://127.0.0.1:1/wrench');
  latest().says(HELLO);
  expect(heard).toEqual(['connecting', 'connected W']);
});

it('hears samples and what they came to, several to a frame, and passes rubbish over', () => {
  const { heard, readings } = listening();
  latest().says(
    { type: 'sample', at: AT, nm: 4 },
    { what: 'else' },
    { type: 'sample', at: AT, nm: 9 },
  );
  latest().says({ type: 'reading', at: AT, nm: 45, deg: 60 });
  expect(heard).toEqual(['connecting', 'sample 4', 'sample 9']);
  expect(readings).toMatchObject([{ nm: 45, deg: 60 }]);
});

it('what is asked for is told once it answers, and again after it was lost', () => {
  const { heard, instrument } = listening();
  instrument.aim({ type: 'target', of: 'h1', nm: 45 });
  expect(latest().sent).toEqual([]);
  latest().opens();
  expect(latest().sent).toEqual(['{"type":"target","of":"h1","nm":45}\n']);
  latest().close();
  expect(heard.at(-1)).toBe('lost');
  jest.advanceTimersByTime(2000);
  expect(FakeSocket.all).toHaveLength(2);
  latest().opens();
  expect(latest().sent).toHaveLength(1);
});

it('closed, it calls no more', () => {
  const { instrument } = listening();
  instrument.close();
  jest.advanceTimersByTime(10_000);
  expect(FakeSocket.all).toHaveLength(1);
});
