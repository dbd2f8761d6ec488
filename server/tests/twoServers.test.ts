import { randomUUID } from 'node:crypto';
import { crewMember, lockside } from '@cardinex/demo/shops';
import { linersIn } from '@cardinex/core/job/tests/story';
import { wrenchShown } from '@cardinex/core/tools/wrench';
import type { ToolState } from '@cardinex/core/tools/tool';
import { DEMO_TOOL } from '@cardinex/demo/tools';
import { stopServerProcess, type ServerProcess } from '../../scripts/serverProcess';
import { Copy, DeviceAt } from './copy';
import { OPENED, linerRead, openedJob } from './ownCluster';
import { soon } from './soon';

/** What one server keeps in memory is never what another has changed since. */
let copy: Copy;
let other: ServerProcess;
let device: DeviceAt;
let there: DeviceAt;
const tobin = crewMember(lockside, 'TR').id;

beforeAll(async () => {
  copy = await Copy.start();
  other = await copy.another();
  device = await copy.device('TR');
  there = new DeviceAt(other.address);
  await there.signIn(lockside, 'TR');
}, 60_000);

afterAll(async () => {
  await stopServerProcess(other);
  await copy.stop();
});

/** The same device at the other server, as behind a balancer. */
const atOther = (device: DeviceAt): DeviceAt => device.at(other.address);

describe('two servers on one database', () => {
  it('refuse nothing for what has changed at the other, whatever the sender had seen', async () => {
    const job = await openedJob(device);
    await device.send(
      job,
      device.act(job, 'job.parked', { done: [], words: 'parts', resumeBy: [] }),
    );
    // It had seen the job parked, and not that work goes on.
    const seenSeq = OPENED + 1;
    const parked = await there.send(job, linerRead(there, job, { seenSeq }));
    expect(parked.outcomes[0]?.problem?.code).toBe('job-parked');
    await device.send(job, device.act(job, 'job.resumed', {}));
    const resumed = await there.send(job, linerRead(there, job, { seenSeq }));
    expect(resumed.outcomes[0]?.status).toBe('accepted');
  });

  it('answer an act sent at the other before with the event it is', async () => {
    const job = await openedJob(device);
    await there.send(job, linerRead(there, job));
    const act = linerRead(device, job);
    const { outcomes } = await device.send(job, act);
    const again = await atOther(device).send(job, act);
    expect(again.outcomes[0]).toEqual({ ...outcomes[0], status: 'duplicate' });
  });

  it('judge a wrench by the crib as it is, though it was changed at the other', async () => {
    const tools = ((await device.get('/api/tools')).body as { tools: ToolState[] }).tools;
    const tool = tools.find(({ id }) => id === DEMO_TOOL.wrench5);
    const shown = tool && wrenchShown(tool);
    if (!shown) throw new Error('no wrench 5');
    const actsHere = linersIn().end().acts;
    const run = linersIn().prepare(DEMO_TOOL.wrench5).end().acts.at(-1)?.data as object;
    const wrench = { ...shown, id: randomUUID(), name: 'Wrench 77' };
    const { calibration: _, ...unchecked } = wrench;
    const judged = async (device: DeviceAt): Promise<boolean | undefined> => {
      const job = randomUUID();
      const acts = actsHere.map(({ type, data }) => device.act(job, type, data as never));
      await device.send(job, ...acts);
      const act = device.act(job, 'run.prepared', { ...run, wrench: unchecked } as never);
      const { outcomes } = await device.send(job, act);
      return outcomes[0]?.event?.crib?.agrees;
    };
    expect(await judged(there)).toBe(false);
    const { lowNm, highNm, lengthMm, stepNm } = shown;
    const spec = {
      square: '1/2 in',
      lowNm,
      highNm,
      lengthMm,
      reads: 'click',
      ...(stepNm && { stepNm }),
    };
    const entered = {
      id: randomUUID(),
      v: 1,
      type: 'tool.entered',
      at: new Date(Date.now() - 60_000).toISOString(),
      by: tobin,
      device: device.session?.device,
      data: { name: 'Wrench 77', kind: 'torque-wrench', spec },
    };
    expect((await device.post(`/api/tools/${wrench.id}/acts`, entered)).status).toBe(200);
    expect(await judged(there)).toBe(true);
  });

  it('know a role that was changed, and a session that was ended, at the other', async () => {
    const job = await openedJob(device);
    const inspector = await copy.device('WH');
    const act = (device: DeviceAt) => linerRead(device, job, { by: crewMember(lockside, 'WH').id });
    expect((await atOther(inspector).send(job, act(inspector))).outcomes[0]?.status).toBe(
      'accepted',
    );
    const setRole = (role: string) =>
      copy.database.query(`UPDATE members SET role = '${role}' WHERE initials = 'WH'`);
    await setRole('viewer');
    await soon(async () => {
      const { outcomes } = await atOther(inspector).send(job, act(inspector));
      return outcomes[0]?.problem?.code === 'role-may-not';
    });
    // A server that hears nothing any more reads everything anew, until it hears again.
    await copy.database.query(
      `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
        WHERE datname = current_database() AND query ~ '^(LISTEN|SELECT 1$)'`,
    );
    await setRole('inspector');
    await soon(async () => {
      const { outcomes } = await atOther(inspector).send(job, act(inspector));
      return outcomes[0]?.status === 'accepted';
    });
    const cookies = atOther(inspector);
    expect((await inspector.delete('/api/session')).status).toBe(204);
    await soon(async () => (await cookies.get(`/api/jobs/${job}`)).status === 401);
  });
});
