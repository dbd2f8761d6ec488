import type { WrenchShown } from '@cardinex/core/job/facts/run';
import { randomUUID } from 'node:crypto';
import type { Act, JobEvent } from '@cardinex/core/job/act';
import { cribDoubts } from '@cardinex/core/job/crib';
import { fold } from '@cardinex/core/job/evolve';
import { linersIn } from '@cardinex/core/job/tests/story';
import { wrenchShown } from '@cardinex/core/tools/wrench';
import type { ToolState } from '@cardinex/core/tools/tool';
import { crewMember, lockside } from '@cardinex/demo/shops';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { Copy, type DeviceAt } from './copy';
import { soon } from './soon';

/** What the server does not take at a device's word: with which wrench, when, and by whom. */
let copy: Copy;
let phone: DeviceAt;
let crib: readonly ToolState[];
const tobin = crewMember(lockside, 'TR').id;

beforeAll(async () => {
  copy = await Copy.start();
  phone = await copy.device('TR');
  crib = ((await phone.get('/api/tools')).body as { tools: ToolState[] }).tools;
}, 60_000);

afterAll(() => copy.stop());

const wrench5 = (): WrenchShown => {
  const tool = crib.find(({ id }) => id === DEMO_TOOL.wrench5);
  const shown = tool && wrenchShown(tool);
  if (!shown) throw new Error('the demo has no wrench 5');
  return shown;
};

/** A job whose liners are in and accepted. */
async function linersInJob(): Promise<string> {
  const jobId = randomUUID();
  const actsHere = linersIn().end().acts;
  const acts = actsHere.map(({ type, data }) => phone.act(jobId, type, data as never));
  const { outcomes } = await phone.send(jobId, ...acts);
  expect(new Set(outcomes.map(({ status }) => status))).toEqual(new Set(['accepted']));
  return jobId;
}

const runOfHead = () => {
  const prepared = linersIn().prepare(DEMO_TOOL.wrench5).end().acts.at(-1);
  return prepared?.data as { run: object; treatment: string };
};
const prepare = (jobId: string, wrench: WrenchShown, more: object = {}): Act =>
  phone.act(jobId, 'run.prepared', { ...runOfHead(), adapter: null, wrench } as never, more);

async function sent(jobId: string, act: Act): Promise<JobEvent> {
  const { outcomes } = await phone.send(jobId, act);
  const [outcome] = outcomes;
  if (!outcome?.event) throw new Error(JSON.stringify(outcome));
  return outcome.event;
}

const toolAct = (tool: string, type: string, data: object) =>
  phone.post(`/api/tools/${tool}/acts`, {
    id: randomUUID(),
    v: 1,
    type,
    at: new Date().toISOString(),
    by: tobin,
    device: phone.session?.device,
    data,
  });

describe('the wrench of an act', () => {
  it('that is as the crib has it is so written, inside the chain', async () => {
    const jobId = await linersInJob();
    const event = await sent(jobId, prepare(jobId, wrench5()));
    expect(event.crib).toEqual({ seq: expect.any(Number), agrees: true });
  });

  it.each<[string, Partial<WrenchShown>]>([
    ['with a forged day it is due', { calibration: { ...calibration(), dueOn: '2031-01-01' } }],
    ['with a range it does not have', { highNm: 900 }],
    ['of no crib', { id: randomUUID(), name: 'Wrench 99' }],
  ])('%s is kept and shown, and holds up closing until it is put right', async (_, forged) => {
    const jobId = await linersInJob();
    const event = await sent(jobId, prepare(jobId, { ...wrench5(), ...forged }));
    expect(event.crib?.agrees).toBe(false);
    expect(cribDoubts(fold(await phone.events(jobId)).state)).toHaveLength(1);
  });

  it('is judged again when its tool is entered, by an event of its own, once', async () => {
    const jobId = await linersInJob();
    const id = randomUUID();
    const { calibration: _, ...unchecked } = wrench5();
    const event = await sent(jobId, prepare(jobId, { ...unchecked, id, name: 'Wrench 12' }));
    expect(event.crib).toEqual({ seq: 0, agrees: false });
    const { lowNm, highNm, lengthMm, stepNm } = wrench5();
    const spec = { square: '1/2 in', lowNm, highNm, lengthMm, reads: 'click' };
    const entered = {
      name: 'Wrench 12',
      kind: 'torque-wrench',
      spec: { ...spec, ...(stepNm && { stepNm }) },
    };
    expect((await toolAct(id, 'tool.entered', entered)).status).toBe(200);
    await toolAct(id, 'tool.found-off', { words: 'Dropped this morning.' });
    const events = await phone.events(jobId);
    expect(events.filter(({ type }) => type === 'crib.judged')).toMatchObject([
      { by: tobin, data: { tool: id, seq: 1, agree: [event.id] } },
    ]);
    expect(events.at(-1)?.previousHash).toBe(event.hash);
    expect(cribDoubts(fold(events).state)).toEqual([]);
  });

  it('of every job of the demo is as its crib has it', async () => {
    const { rows } = await copy.database.query<{ event: JobEvent }>(
      "SELECT event FROM events WHERE event->'crib' IS NOT NULL AND stream_id IN (SELECT stream_id FROM streams WHERE begun_at < now() - interval '2 minutes')",
    );
    expect(rows.length).toBeGreaterThan(20);
    expect(rows.filter(({ event }) => !event.crib?.agrees).map(({ event }) => event)).toEqual([]);
  });

  it('is not for a device to say of itself', async () => {
    const jobId = await linersInJob();
    const act = prepare(jobId, { ...wrench5(), highNm: 900 }, { crib: { seq: 2, agrees: true } });
    const { outcomes } = await phone.send(jobId, act);
    expect(outcomes[0]?.problem?.field).toBe('crib');
    const judged = phone.act(jobId, 'crib.judged', { tool: act.id, seq: 1, agree: [act.id] });
    expect((await phone.send(jobId, judged)).outcomes[0]?.status).toBe('refused');
  });
});

describe('the time of an act', () => {
  const linerRead = (jobId: string, at: string) =>
    phone.act(
      jobId,
      'liner.read',
      { bore: '1', place: 0, mm: 0.06, printed: { text: '0.06', unit: 'mm' } },
      { at },
    );

  it('that cannot be is kept and shown: in the future, or before the job was opened', async () => {
    const jobId = await linersInJob();
    const hour = 3_600_000;
    const ahead = await sent(jobId, linerRead(jobId, new Date(Date.now() + hour).toISOString()));
    const before = await sent(jobId, linerRead(jobId, new Date(Date.now() - hour).toISOString()));
    expect([ahead.timeDoubt, before.timeDoubt]).toEqual(['ahead', 'before-opening']);
  });

  it('dated back to when a wrench was in date does not put it in date', async () => {
    const jobId = await linersInJob();
    const { calibration } = wrench5();
    const overdue = crib.find(({ id }) => id === DEMO_TOOL.wrench8);
    const shown = overdue && wrenchShown(overdue);
    if (!shown?.calibration || !calibration) throw new Error('the demo has no wrench out of date');
    const at = `${shown.calibration.on}T10:00:00Z`;
    const event = await sent(jobId, prepare(jobId, shown, { at }));
    expect([event.timeDoubt, event.crib?.agrees]).toEqual(['before-opening', false]);
  });

  it('later than it can have been by how long it waited is shown', async () => {
    const jobId = await linersInJob();
    const act = linerRead(jobId, new Date().toISOString());
    const { body } = await phone.post(`/api/jobs/${jobId}/acts`, {
      sentAt: new Date().toISOString(),
      acts: [act],
      waitedMs: [3_600_000],
    });
    const { outcomes } = body as { outcomes: { event?: JobEvent }[] };
    expect(outcomes[0]?.event?.timeDoubt).toBe('ahead');
  });
});

describe('whoever did an act', () => {
  it('had given their PIN within a shift, or it is shown', async () => {
    const jobId = await linersInJob();
    await copy.database.query(
      "UPDATE proofs SET proved_at = now() - interval '13 hours' WHERE device_id = $1",
      [phone.session?.device],
    );
    const act = () => prepare(jobId, wrench5());
    await soon(async () => (await sent(jobId, act())).staleProof === true);
    await phone.signIn(lockside, 'TR');
    expect((await sent(jobId, act())).staleProof).toBeUndefined();
  });
});

function calibration(): NonNullable<WrenchShown['calibration']> {
  return { on: '2026-01-01', dueOn: '2026-12-31', points: [] };
}
