import { createHash, randomUUID } from 'node:crypto';
import { verifyChain } from '@cardinex/core/job/chain';
import { DEMO_JOB, sheetHash } from '@cardinex/demo/jobs';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { crewMember, lockside, weirStreet } from '@cardinex/demo/shops';
import { stopServerProcess } from '../../scripts/serverProcess';
import { linersIn } from '@cardinex/core/job/tests/story';
import { Copy, DeviceAt } from './copy';
import { OPENED, openedJob } from './ownCluster';

let copy: Copy;
let phone: DeviceAt;
const tobin = crewMember(lockside, 'TR').id;
const sha256 = (text: string): string => createHash('sha256').update(text, 'utf8').digest('hex');

beforeAll(async () => {
  copy = await Copy.start();
  phone = await copy.device('TR');
}, 60_000);

afterAll(() => copy.stop());

const openJob = (device: DeviceAt = phone): Promise<string> => openedJob(device);

const reading = (bore: string, mm: number, place = 0) => ({
  bore,
  place,
  mm,
  printed: { text: String(mm), unit: 'mm' as const },
});

describe('acts sent to a job', () => {
  it('become events in order, chained so that anyone can check', async () => {
    const jobId = await openJob();
    await phone.send(
      jobId,
      phone.act(jobId, 'liner.read', reading('1', 0.06)),
      phone.act(jobId, 'liner.read', reading('1', 0.07, 1)),
    );
    const events = await phone.events(jobId);
    expect(events[0]).toMatchObject({ seq: 1, type: 'job.opened' });
    expect(events.slice(OPENED).map((e) => [e.seq, e.type])).toEqual([
      [OPENED + 1, 'liner.read'],
      [OPENED + 2, 'liner.read'],
    ]);
    expect(verifyChain(events, sha256)).toBeNull();
    const changed = events.map((e) => (e.seq === 2 ? { ...e, by: randomUUID() } : e));
    expect(verifyChain(changed, sha256)).toEqual({ seq: 2, code: 'content-changed' });
  });

  it('sent twice are kept once; with other content under the same id they are refused', async () => {
    const jobId = await openJob();
    const act = phone.act(jobId, 'liner.read', reading('1', 0.06));
    await phone.send(jobId, act);
    const again = await phone.send(jobId, act);
    expect(again.outcomes[0]?.status).toBe('duplicate');
    const changed = await phone.send(jobId, { ...act, data: reading('1', 0.09) });
    expect(changed.outcomes[0]).toMatchObject({
      status: 'refused',
      problem: { status: 409, code: 'act-id-taken' },
    });
    expect(await phone.events(jobId)).toHaveLength(OPENED + 1);
  });

  it('under one id on two jobs stay on the first', async () => {
    const [one, other] = [await openJob(), await openJob()];
    const act = phone.act(one, 'liner.read', reading('1', 0.06));
    await phone.send(one, act);
    expect((await phone.send(other, act)).outcomes[0]?.problem?.code).toBe('act-id-taken');
    expect(await phone.events(other)).toHaveLength(OPENED);
  });

  it('that are bad are refused by themselves, and name the field', async () => {
    const jobId = await openJob();
    const good = phone.act(jobId, 'liner.read', reading('1', 0.06));
    const { status, outcomes } = await phone.send(
      jobId,
      phone.act(jobId, 'liner.read', reading('1', 40)),
      phone.act(jobId, 'liner.read', { ...reading('1', 0.06), mm: 'eight' } as never),
      phone.act(jobId, 'liner.read', { ...reading('1', 0.06), limt: 1 } as never),
      phone.act(jobId, 'liner.read', reading('9', 0.06)),
      phone.act(jobId, 'valve.polished' as never, {} as never),
      null,
      'x',
      good,
    );
    expect(status).toBe(200);
    expect(outcomes.map((o) => o.problem?.field ?? o.problem?.code ?? o.status)).toEqual([
      'data.mm',
      'data.mm',
      'data.limt',
      'unknown-bore',
      'type',
      'bad-field',
      'bad-field',
      'accepted',
    ]);
    expect(outcomes[0]?.problem?.detail).toContain('from -2 to 2');
    // What the rules refuse comes as its code with that code’s own fields, beside the sentence.
    expect(outcomes[3]?.problem).toMatchObject({
      detail: 'This engine has no bore 9.',
      refusal: { code: 'unknown-bore', bore: '9' },
    });
    expect(await phone.events(jobId)).toHaveLength(OPENED + 1);
  });

  it('whose id is no text are refused by themselves', async () => {
    const jobId = await openJob();
    const odd = [{ toString: 1 }, 5, null, ['a'], {}].map((id) =>
      phone.act(jobId, 'liner.read', reading('1', 0.06), { id }),
    );
    const good = phone.act(jobId, 'liner.read', reading('1', 0.06));
    const { status, outcomes } = await phone.send(jobId, ...odd, 'nothing', good);
    expect(status).toBe(200);
    expect(outcomes.map((entry) => entry.status)).toEqual([
      ...Array.from({ length: 6 }, () => 'refused'),
      'accepted',
    ]);
  });

  it('for a job of another shop find no such job, and nothing is changed there', async () => {
    const act = phone.act(DEMO_JOB.otherShops, 'liner.read', reading('1', 0.06));
    const { outcomes } = await phone.send(DEMO_JOB.otherShops, act);
    expect(outcomes[0]?.problem).toMatchObject({ status: 404, code: 'no-such-job' });
    expect((await phone.get(`/api/jobs/${DEMO_JOB.otherShops}`)).status).toBe(404);
    const theirs = await copy.device('LP', weirStreet);
    expect(await theirs.events(DEMO_JOB.otherShops)).toHaveLength(1);
  });

  it('in the name of someone not signed in here, or of another device, are refused', async () => {
    const jobId = await openJob();
    const lead = crewMember(lockside, 'MO').id;
    const { outcomes } = await phone.send(
      jobId,
      phone.act(jobId, 'liner.read', reading('1', 0.06), { by: lead }),
      phone.act(jobId, 'liner.read', reading('1', 0.06), { device: randomUUID() }),
    );
    expect(outcomes.map((o) => o.problem?.code)).toEqual(['not-signed-in-here', 'wrong-device']);
  });

  it('by someone who only looks on are refused', async () => {
    const viewer = await copy.device('OM');
    const by = crewMember(lockside, 'OM').id;
    const { outcomes } = await viewer.send(
      DEMO_JOB.conveyor,
      viewer.act(DEMO_JOB.conveyor, 'liner.read', reading('4', 0.06), { by }),
    );
    expect(outcomes[0]?.problem?.code).toBe('role-may-not');
  });

  it('from a device whose clock is far off are kept, and say so', async () => {
    const jobId = await openJob();
    const act = phone.act(jobId, 'liner.read', reading('1', 0.06));
    const sentAt = new Date(Date.now() + 3_600_000).toISOString();
    const { body } = await phone.post(`/api/jobs/${jobId}/acts`, { sentAt, acts: [act] });
    const { outcomes } = body as { outcomes: { event: { clockOffMs: number } }[] };
    expect(outcomes[0]?.event.clockOffMs).toBeGreaterThan(3_500_000);
  });

  it('cannot be changed or removed in the database', async () => {
    await expect(copy.database.query("UPDATE events SET event = '{}'")).rejects.toThrow(
      'never changed',
    );
    await expect(copy.database.query('DELETE FROM events')).rejects.toThrow('never changed');
    await expect(copy.database.query('TRUNCATE events CASCADE')).rejects.toThrow('never changed');
  });

  it('sent at the same time through two servers keep one unbroken chain', async () => {
    const other = await copy.another();
    try {
      const jobId = await openJob();
      const second = new DeviceAt(other.address);
      await second.signIn(lockside, 'TR');
      const many = (device: DeviceAt) =>
        Array.from({ length: 25 }, (_, n) =>
          device.send(
            jobId,
            device.act(jobId, 'liner.read', reading('2', 0.01 * (n % 7)), { by: tobin }),
          ),
        );
      await Promise.all([...many(phone), ...many(second)]);
      const events = await phone.events(jobId);
      expect(events).toHaveLength(OPENED + 50);
      expect(verifyChain(events, sha256)).toBeNull();
      expect(await second.events(jobId)).toEqual(events);
    } finally {
      await stopServerProcess(other);
    }
  }, 30_000);
});

describe('one bolt pulled by two who could not see each other', () => {
  const key = 'head/1/main/1/s2/h7';
  const pull = (device: DeviceAt, seenSeq: number, pass = 1) =>
    device.act(
      DEMO_JOB.baler,
      'bolt.pulled',
      { key, pass, nm: 85, setNm: 85, wrench: DEMO_TOOL.wrench3 },
      { seenSeq },
    );

  it('is kept, bars the stage, and is decided by the lead with a fresh proof', async () => {
    const other = await copy.device('TR');
    const head = (await phone.events(DEMO_JOB.baler)).length;
    expect((await phone.send(DEMO_JOB.baler, pull(phone, head))).outcomes[0]?.status).toBe(
      'accepted',
    );
    expect((await other.send(DEMO_JOB.baler, pull(other, head))).outcomes[0]?.status).toBe(
      'accepted',
    );
    const aware = await other.send(DEMO_JOB.baler, pull(other, head + 2));
    expect(aware.outcomes[0]?.problem?.code).toBe('pass-taken');

    const board = await phone.get('/api/jobs');
    const { jobs } = board.body as {
      jobs: { id: string; tray: { card: string; reason: object }[] }[];
    };
    const tighten = jobs
      .find((j) => j.id === DEMO_JOB.baler)
      ?.tray.find((c) => c.card === 'tighten');
    expect(tighten?.reason).toEqual({ code: 'contested', bolt: '7' });

    const lead = await copy.device('MO');
    const decision = lead.act(
      DEMO_JOB.baler,
      'contest.decided',
      { key, words: 'paint mark shows one pull' },
      { by: crewMember(lockside, 'MO').id, seenSeq: head + 2 },
    );
    expect((await lead.send(DEMO_JOB.baler, decision)).outcomes[0]?.status).toBe('accepted');
    const mechanic = await phone.send(
      DEMO_JOB.baler,
      phone.act(DEMO_JOB.baler, 'contest.decided', { key, words: 'mine' }, { seenSeq: head + 3 }),
    );
    expect(mechanic.outcomes[0]?.problem?.code).toBe('role-may-not');
  });
});

describe('a decision by someone who had not seen the rest', () => {
  /** All liners of a job read, within. */
  async function read(device: DeviceAt): Promise<string> {
    const jobId = await openJob(device);
    const acts = ['1', '2', '3', '4'].flatMap((bore, n) =>
      [0, 1, 2, 3].map((place) =>
        device.act(jobId, 'liner.read', reading(bore, 0.06 + n / 100, place)),
      ),
    );
    await device.send(jobId, ...acts);
    return jobId;
  }

  it('never opens a job that is open, whatever its sender says to have seen', async () => {
    const jobId = await openJob();
    const other = await copy.device('TR');
    const again = other.act(jobId, 'job.opened', {
      sheet: { id: tolvane44.id, revision: tolvane44.revision, hash: sheetHash(tolvane44) },
      serial: 'T44-2',
      name: 'another',
      why: 'a test',
      cylinder1End: 'fan',
      scope: { kind: 'gasket' },
    });
    expect((await other.send(jobId, again)).outcomes[0]?.problem?.code).toBe('already-open');
    expect(await phone.events(jobId)).toHaveLength(OPENED);
  });

  it('is kept with thirty pulls behind it, waits, and holds once someone there says so', async () => {
    const jobId = await read(phone);
    const far = await copy.device('TR');
    const seenSeq = (await phone.events(jobId)).length;
    const story = linersIn()
      .prepare(DEMO_TOOL.wrench5)
      .pull('s1', 10)
      .pull('s2', 10)
      .pull('s3', 10);
    const at = new Date().toISOString();
    const behind = story
      .end()
      .acts.filter(({ type }) => type === 'run.prepared' || type === 'bolt.pulled')
      .map(({ type, data }) => far.act(jobId, type, data as never, { seenSeq, at }));
    const decision = far.act(jobId, 'liners.accepted', {}, { seenSeq, at });
    // Meanwhile one liner was read again, within as well.
    await phone.send(jobId, phone.act(jobId, 'liner.read', reading('4', 0.1), { seenSeq }));

    const { outcomes } = await far.send(jobId, decision, ...behind);
    expect(outcomes.map(({ status }) => status)).toEqual(outcomes.map(() => 'accepted'));
    const events = await phone.events(jobId);
    expect(events.filter(({ type }) => type === 'bolt.pulled')).toHaveLength(30);
    expect(events.find(({ id }) => id === decision.id)).toMatchObject({
      pending: { why: { code: 'facts-unseen' } },
    });
    expect(events.at(-1)).toMatchObject({ ground: [decision.id] });
    expect(verifyChain(events, sha256)).toBeNull();
    // Sent again, what the server wrote beside it makes no other act of it.
    const twice = await far.send(jobId, decision, ...behind);
    expect(new Set(twice.outcomes.map(({ status }) => status))).toEqual(new Set(['duplicate']));

    const { jobs } = (await phone.get('/api/jobs')).body as {
      jobs: { id: string; tray: { card: string; reason: { code: string } }[] }[];
    };
    const liners = () =>
      jobs.find(({ id }) => id === jobId)?.tray.find(({ card }) => card === 'liners')?.reason.code;
    expect(liners()).toBe('decision-pending');
    const holds = phone.act(
      jobId,
      'pending.decided',
      { decision: decision.id, holds: true },
      { seenSeq: events.length },
    );
    expect((await phone.send(jobId, holds)).outcomes[0]?.status).toBe('accepted');
  });

  it('refused, it does not take down with it what was done behind it', async () => {
    const jobId = await read(phone);
    const seenSeq = (await phone.events(jobId)).length;
    const actsHere = linersIn().prepare(DEMO_TOOL.wrench5).pull('s1', 3).end().acts;
    const pulls = actsHere.filter(({ type }) => type === 'bolt.pulled');
    const bad = phone.act(jobId, 'card.left-out', { card: 'nowhere', words: 'so' } as never);
    const acts = pulls.map(({ type, data }) =>
      phone.act(jobId, type, data as never, { seenSeq, at: new Date().toISOString() }),
    );
    const alone = await phone.send(jobId, acts[0]);
    expect(alone.outcomes[0]?.status).toBe('refused');
    const { outcomes } = await phone.send(jobId, bad, ...acts);
    expect(outcomes.map(({ status }) => status)).toEqual([
      'refused',
      'accepted',
      'accepted',
      'accepted',
    ]);
    expect((await phone.events(jobId)).at(-1)).toMatchObject({ behindRefused: true });
  });
});

describe('leaflets sent to a job', () => {
  const low = (value: unknown) => ({
    at: '/liners/low',
    to: { text: '0.04 mm', value, unit: 'mm', from: 'leaflet', source: 'Leaflet L7' },
  });
  const leaflet = (points: readonly { at: string; to: unknown }[]) => ({
    leaflet: randomUUID(),
    title: 'Leaflet L7',
    cameWith: 'liners' as const,
    points,
  });

  it('are kept, chained, and bar what they contradict until someone decides', async () => {
    const jobId = await openJob();
    const reported = leaflet([low(0.04)]);
    const { outcomes } = await phone.send(
      jobId,
      phone.act(jobId, 'leaflet.entered', reported),
      phone.act(jobId, 'liner.read', reading('1', 0.06)),
      phone.act(jobId, 'difference.decided', {
        places: ['/liners/low'],
        take: reported.leaflet,
        among: ['sheet', reported.leaflet],
        words: 'New liners',
      }),
      phone.act(jobId, 'liner.read', reading('1', 0.06)),
    );
    expect(outcomes.map((o) => o.status)).toEqual(['accepted', 'refused', 'accepted', 'accepted']);
    expect(outcomes[1]).toMatchObject({ problem: { code: 'differences-open' } });
    expect(verifyChain(await phone.events(jobId), sha256)).toBeNull();
  });

  it('are refused at the field when they are not what a sheet holds there', async () => {
    const jobId = await openJob();
    const deep = JSON.parse(`${'['.repeat(60)}1${']'.repeat(60)}`) as unknown;
    for (const [points, field] of [
      [[low('0.04')], 'data.points[0].to.value'],
      [[{ at: '/liners/low', to: null }], 'data.points[0].to'],
      [[low(0.04), { at: '/liners/school', to: 'floating' }], 'data.points[1].to'],
      [[{ at: '/liners/low', to: deep }], 'data.points[0].to'],
      [[{ at: 'liners', to: 1 }], 'data.points[0].at'],
      [[], 'data.points'],
    ] as const) {
      const { outcomes } = await phone.send(
        jobId,
        phone.act(jobId, 'leaflet.entered', leaflet(points as never)),
      );
      expect(outcomes[0]).toMatchObject({ status: 'refused', problem: { status: 422, field } });
    }
    expect(await phone.events(jobId)).toHaveLength(OPENED);
  });
});
