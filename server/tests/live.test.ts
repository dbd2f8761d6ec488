import http from 'node:http';
import { DEMO_JOB } from '@cardinex/demo/jobs';
import { Copy, type DeviceAt } from './copy';

let copy: Copy;
let phone: DeviceAt;
const path = `/api/jobs/${DEMO_JOB.conveyor}/live`;

beforeAll(async () => {
  copy = await Copy.start();
  phone = await copy.device('TR');
}, 60_000);

afterAll(() => copy.stop());

interface Open {
  readonly response: http.IncomingMessage;
  heard: string;
  ended: boolean;
}

/** Opens a stream from the beginning of the log, and reads it. */
function open(device: DeviceAt): Promise<Open> {
  return new Promise((done, fail) => {
    const agent = new http.Agent({ keepAlive: false });
    const headers = { cookie: device.cookie };
    http
      .get(`${copy.address}${path}?after=0`, { agent, headers }, (response) => {
        const stream: Open = { response, heard: '', ended: false };
        response.on('error', () => (stream.ended = true));
        response.on('close', () => (stream.ended = true));
        response.on('data', (chunk: Buffer) => (stream.heard += chunk.toString()));
        done(stream);
      })
      .on('error', fail);
  });
}

const linerRead = () =>
  phone.act(DEMO_JOB.conveyor, 'liner.read', {
    bore: '4',
    place: 0,
    mm: 0.1,
    printed: { text: '0.1', unit: 'mm' },
  });

async function until(isSo: () => boolean): Promise<void> {
  while (!isSo()) await new Promise((done) => setTimeout(done, 20));
}

describe('a job’s stream', () => {
  it('answers HEAD with what it would be, and ends', async () => {
    const response = await fetch(copy.address + path, {
      method: 'HEAD',
      headers: { cookie: phone.cookie },
    });
    expect([response.status, response.headers.get('content-type')]).toEqual([
      200,
      'text/event-stream',
    ]);
  });

  it('reaches all who listen, in order and whole', async () => {
    const devices = await Promise.all([phone, copy.device('WH'), copy.device('PS')]);
    const streams = await Promise.all(
      devices.flatMap((device) => Array.from({ length: 10 }, () => open(device))),
    );
    const head = (await phone.events(DEMO_JOB.conveyor)).length;
    const act = linerRead();
    await phone.send(DEMO_JOB.conveyor, act);
    await until(() => streams.every(({ heard }) => heard.includes(act.id)));
    for (const { heard, response } of streams) {
      const ids = [...heard.matchAll(/^id: (\d+)$/gm)].map((match) => Number(match[1]));
      expect(ids).toEqual(Array.from({ length: head + 1 }, (_, place) => place + 1));
      response.destroy();
    }
  });

  it('beyond what one device needs ends the oldest, and never the newest', async () => {
    const device = await copy.device('WH');
    const streams: Open[] = [];
    for (let n = 0; n < 20; n += 1) streams.push(await open(device));
    await until(() => streams.filter(({ ended }) => ended).length >= 8);
    expect(streams.map(({ ended }) => ended)).toEqual(
      Array.from({ length: 20 }, (_, place) => place < 8),
    );
    streams.forEach(({ response }) => response.destroy());
  });
});
