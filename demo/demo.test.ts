import { decide } from '@cardinex/core/job/decide';
import { evolve } from '@cardinex/core/job/evolve';
import { headSeq, EMPTY_JOB } from '@cardinex/core/job/state';
import { isFinished, trayOf } from '@cardinex/core/job/tray';
import { planOf } from '@cardinex/core/sheet/programmeOf';
import { demoJobs, DEMO_JOB } from './jobs';
import { tolvane44 } from './sheets/tolvane44';
import { demoShops } from './shops';

const now = new Date('2026-03-02T12:00:00Z');
const jobs = demoJobs(now);
const told = (id: string) => {
  const job = jobs.find((one) => one.id === id);
  if (!job) throw new Error('no such job');
  const state = job.acts.reduce(
    (before, act) => evolve(before, { ...act, seq: headSeq(before) + 1, receivedAt: act.at }),
    EMPTY_JOB,
  );
  return { job, state, tray: trayOf(tolvane44, state, now.toISOString()) };
};

describe('the Tolvane 44', () => {
  it('has a programme that holds together, for every bolt on its map', () => {
    for (const set of tolvane44.fastenedSets) {
      for (const instance of set.instances) expect(planOf(set, instance).findings).toEqual([]);
      for (const { xMm, yMm } of set.fasteners) {
        expect(xMm > 0 && xMm < set.widthMm && yMm > 0 && yMm < set.heightMm).toBe(true);
      }
      expect(new Set(set.fasteners.map((f) => f.number)).size).toBe(set.fasteners.length);
    }
  });

  it('has two valves for each cylinder, counted along the head without a gap', () => {
    const { valves } = tolvane44.overhead;
    expect(valves.map((v) => v.alongHead)).toEqual(valves.map((_, place) => place + 1));
    for (let cylinder = 1; cylinder <= tolvane44.cylinders; cylinder += 1) {
      const kinds = valves.filter((v) => v.cylinder === cylinder).map((v) => v.kind);
      expect(kinds.sort()).toEqual(['exhaust', 'intake']);
    }
  });

  it('fires each of its cylinders once', () => {
    expect([...tolvane44.firingOrder].sort()).toEqual([1, 2, 3, 4]);
  });
});

describe('the demo shops', () => {
  it('have crews in every role, and no id stands twice', () => {
    const crew = demoShops.flatMap((shop) => shop.crew);
    expect(new Set(crew.map((m) => m.role)).size).toBe(4);
    expect(new Set(crew.map((m) => m.id)).size).toBe(crew.length);
  });
});

describe('the demo jobs', () => {
  it('are told only in acts that would be accepted, and end before now', () => {
    for (const { acts, shop } of jobs) {
      let state = EMPTY_JOB;
      for (const act of acts) {
        const member = shop.crew.find((m) => m.id === act.by);
        const verdict = decide(state, act, {
          now: act.at,
          sheet: tolvane44,
          member: { id: act.by, role: member?.role ?? 'viewer', fresh: false },
        });
        expect([act.type, verdict]).toEqual([act.type, { ok: true }]);
        state = evolve(state, { ...act, seq: headSeq(state) + 1, receivedAt: act.at });
      }
      expect(Date.parse(acts.at(-1)?.at ?? '')).toBeLessThan(now.getTime());
    }
  });

  it('show a liner that tilts, a stage left open, a set half done, a recheck waiting, a finished one', () => {
    expect(told(DEMO_JOB.conveyor).tray[0]?.reason).toEqual({ code: 'liners-out' });
    expect(told(DEMO_JOB.baler).tray[1]?.reason).toMatchObject({ code: 'sweep-first', stage: 2 });
    expect(told(DEMO_JOB.creamery).tray[2]?.reason).toEqual({ code: 'valves-set', done: 4, of: 8 });
    expect(told(DEMO_JOB.sluice).tray[3]?.status).toBe('waiting');
    expect(isFinished(told(DEMO_JOB.ferryWinch).tray)).toBe(true);
  });
});
