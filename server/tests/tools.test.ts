import { randomUUID } from 'node:crypto';
import type { ToolState } from '@cardinex/core/tools/tool';
import { crewMember, lockside, weirStreet } from '@cardinex/demo/shops';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { Copy, DeviceAt } from './copy';

let copy: Copy;
let phone: DeviceAt;
const tobin = crewMember(lockside, 'TR').id;

beforeAll(async () => {
  copy = await Copy.start();
  phone = await copy.device('TR');
}, 60_000);

afterAll(() => copy.stop());

const act = (type: string, data: object, more: object = {}) => ({
  id: randomUUID(),
  v: 1,
  type,
  at: new Date().toISOString(),
  by: tobin,
  device: phone.session?.device,
  data,
  ...more,
});
const post = (tool: string, body: object, device = phone) =>
  device.post(`/api/tools/${tool}/acts`, body);
const crib = async (device = phone) =>
  (await device.get('/api/tools')).body as { tools: ToolState[]; calendar: string };
const wrench = {
  name: 'Wrench 9',
  kind: 'torque-wrench',
  spec: { square: '1/2 in', lowNm: 20, highNm: 100, lengthMm: 400, reads: 'click' },
};

describe('the tool crib', () => {
  it('is each shop’s own', async () => {
    const names = (await crib()).tools.map((tool) => tool.name);
    expect(names).toEqual(expect.arrayContaining(['Wrench 3', 'Feelers, mm', 'Head stud jacks']));
    const elsewhere = await copy.device('LP', weirStreet);
    expect((await crib(elsewhere)).tools.map((tool) => tool.name)).toEqual(['The long one']);
    expect((await elsewhere.get(`/api/tools/${DEMO_TOOL.wrench3}`)).status).toBe(404);
  });

  it('takes a tool, its check and what becomes of it, each once and chained', async () => {
    const id = randomUUID();
    const entered = act('tool.entered', wrench);
    expect((await post(id, entered)).status).toBe(200);
    expect((await post(id, entered)).status).toBe(200);
    const points = [{ setNm: 50, trueNm: 49 }];
    const check = { on: '2026-01-10', dueOn: '2027-01-10', points };
    expect((await post(id, act('tool.checked', check))).body).toMatchObject({
      tool: { checks: [check], off: null },
    });
    await post(id, act('tool.found-off', { words: 'Dropped.' }));
    const { body } = await phone.get(`/api/tools/${id}`);
    const { tool, log } = body as {
      tool: ToolState;
      log: { seq: number; hash: string; previousHash: string }[];
    };
    expect(tool.off?.words).toBe('Dropped.');
    expect(log.map((event) => event.seq)).toEqual([1, 2, 3]);
    expect(log[2]?.previousHash).toBe(log[1]?.hash);
  });

  it.each([
    ['an act that is none', () => act('tool.polished', {}), 'type'],
    ['a kind that is none', () => act('tool.entered', { ...wrench, kind: 'hammer' }), 'data.kind'],
    [
      'a misspelt field',
      () => act('tool.entered', { ...wrench, spec: { ...wrench.spec, lowNM: 1 } }),
      'data.spec.lowNM',
    ],
    [
      'a range with letters',
      () => act('tool.entered', { ...wrench, spec: { ...wrench.spec, lowNm: 'low' } }),
      'data.spec.lowNm',
    ],
    [
      'a day that is none',
      () => act('tool.checked', { on: '2026-02-30', dueOn: '2027-01-01', points: [] }),
      'data.on',
    ],
  ])('refuses %s at its field', async (_, make, field) => {
    const { status, body } = await post(randomUUID(), make());
    expect(status).toBe(422);
    expect(body).toMatchObject({ field });
  });

  it('refuses what cannot be, with a sentence', async () => {
    const backwards = act('tool.checked', { on: '2026-06-01', dueOn: '2026-05-01', points: [] });
    expect((await post(DEMO_TOOL.wrench3, backwards)).body).toMatchObject({
      status: 422,
      detail: 'The next check is due before this one. Look at the dates.',
    });
    expect((await post(randomUUID(), act('tool.retired', { words: 'x' }))).status).toBe(404);
    const other = act('tool.found-off', { words: 'x' }, { by: crewMember(lockside, 'MO').id });
    expect((await post(DEMO_TOOL.wrench3, other)).status).toBe(403);
    const viewer = await copy.device('OM');
    const odile = act(
      'tool.found-off',
      { words: 'x' },
      {
        by: crewMember(lockside, 'OM').id,
        device: viewer.session?.device,
      },
    );
    expect((await post(DEMO_TOOL.wrench3, odile, viewer)).status).toBe(422);
  });

  it('names everything done with a tool since its last good check', async () => {
    const { body } = await phone.get(`/api/tools/${DEMO_TOOL.wrench5}/suspect`);
    const acts = (body as { acts: { name: string; what: string; value: string }[] }).acts;
    expect(acts.length).toBeGreaterThan(0);
    expect(acts).toContainEqual(
      expect.objectContaining({
        name: 'sluice pump',
        what: 'Head bolts: bolt 1, stage 3',
        value: '115 N·m',
      }),
    );
    // The lock nuts of valve screws are pulled by a wrench too.
    const { body: small } = await phone.get(`/api/tools/${DEMO_TOOL.wrench1}/suspect`);
    expect((small as { acts: unknown[] }).acts).toContainEqual(
      expect.objectContaining({ name: 'sluice pump', what: 'Valve E1, as locked' }),
    );
    const today = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);
    const check = { on: today, dueOn: `${Number(today.slice(0, 4)) + 1}-01-01`, points: [] };
    await post(DEMO_TOOL.wrench5, act('tool.checked', check));
    const after = await phone.get(`/api/tools/${DEMO_TOOL.wrench5}/suspect`);
    expect(after.body).toEqual({ acts: [] });
  });

  it('tells a calendar program when checks are due, and nobody who has not its address', async () => {
    const { calendar } = await crib();
    const read = await fetch(copy.address + calendar);
    expect(read.headers.get('content-type')).toContain('text/calendar');
    const text = await read.text();
    expect(text).toContain('SUMMARY:Check due: Wrench 8');
    expect(text.match(/BEGIN:VEVENT/g)?.length).toBeGreaterThan(5);
    expect((await fetch(copy.address + calendar.replace(/.{6}\.ics$/, 'AAAAAA.ics'))).status).toBe(
      404,
    );
    const elsewhere = await copy.device('LP', weirStreet);
    expect((await crib(elsewhere)).calendar).not.toBe(calendar);
  });
});
