import type { Act } from '@cardinex/core/job/act';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import { decide } from '@cardinex/core/job/decide';
import { evolve } from '@cardinex/core/job/evolve';
import { EMPTY_JOB, EMPTY_STATE } from '@cardinex/core/job/emptyJob';
import { isFinished, trayOf } from '@cardinex/core/job/tray';
import { readSheet } from '@cardinex/contract/sheets/readSheet';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { stagesOf } from '@cardinex/core/sheet/programmeOf';
import { demoJobs, DEMO_JOB } from './jobs';
import { demoSheets } from './sheets/all';
import { demoShops } from './shops';

const now = new Date('2026-03-02T12:00:00Z');
const jobs = demoJobs(now);
const storyOf = (id: string) => {
  const job = jobs.find((entry) => entry.id === id);
  if (!job) throw new Error('no such job');
  const { state } = job.acts.reduce(
    (before, act) => evolve(before, { ...act, seq: before.log.headSeq + 1, receivedAt: act.at }),
    EMPTY_JOB,
  );
  return { job, state, tray: trayOf(sheetOf(job.acts), state, now.toISOString()) };
};

/** The sheet a job is pinned to. */
function sheetOf([first]: readonly Act[]): EngineSheet {
  const id = first?.type === 'job.opened' ? first.data.sheet.id : '';
  const sheet = demoSheets.find((entry) => entry.id === id);
  if (!sheet) throw new Error(`no demo sheet ${id}`);
  return sheet;
}

describe('the demo sheets', () => {
  it.each(demoSheets.map((sheet) => [sheet.name, sheet] as const))(
    '%s is complete: nothing about it is doubtful',
    (_, sheet) => {
      expect(readSheet(JSON.parse(JSON.stringify(sheet)))).toEqual({
        sheet,
        faults: [],
        sound: true,
      });
    },
  );

  it('show between them every school, gear and kind of stage', () => {
    const make = <T>(pick: (sheet: EngineSheet) => T | readonly T[]): Set<T> =>
      new Set(demoSheets.flatMap(pick));
    expect(make((s) => s.liners?.school ?? 'none')).toEqual(
      new Set(['proud', 'recessed', 'on-shims', 'flush', 'none', 'dry']),
    );
    expect(make((s) => s.layout.form)).toEqual(new Set(['in-line', 'v', 'opposed']));
    expect(make((s) => s.overhead?.adjust)).toEqual(new Set(['screw', 'hydraulic', 'shim']));
    expect(make((s) => s.overhead?.actsOn)).toEqual(new Set(['valve', 'bridge', 'yoke']));
    expect(make((s) => s.pistons?.route)).toEqual(
      new Set(['into-block', 'into-liner-on-bench', 'cylinder-over-piston']),
    );
    const kinds = make((s) =>
      (s.fastenedSets ?? []).flatMap((set) => stagesOf(set).map(({ stage }) => stage.kind)),
    );
    expect(kinds).toEqual(
      new Set([
        'torque',
        'check',
        'angle',
        'slacken',
        'hydraulic',
        'hydraulic-check',
        'wait',
        'turn-crank',
      ]),
    );
  });

  it('of a pair built in both hands are each other’s sister and fire in opposite orders', () => {
    const [right, left] = demoSheets.filter((s) => s.sister);
    expect([right?.sister, left?.sister]).toEqual([left?.id, right?.id]);
    expect(right?.rotation?.direction).not.toBe(left?.rotation?.direction);
    const backwards = [...(right?.firing?.order ?? [])].slice(1).reverse();
    expect(left?.firing?.order).toEqual([1, ...backwards]);
  });

  const top = ['dead', 'strip', 'mark', 'parts', 'inspect'];
  it.each([
    ['tolvane-44', ['liners', 'stand-out', 'head', 'valves', 'recheck', 'head']],
    ['orrin-6t', ['liners', 'head', 'injector-clamps', 'rockers', 'valves']],
    ['hesper-m6-r', ['liners', 'head', 'valves']],
    ['dunmere-2s5', ['liners', 'head', 'valves']],
    ['castry-v8m', ['head', 'manifold', 'valves']],
    ['averil-q4', ['cylinder-base', 'valves']],
    ['quillon-5c', ['stand-out', 'head', 'cam-caps', 'timing', 'cam-sprocket', 'valves']],
  ])('%s opens for its gasket with the cards its family needs and no others', (id, cards) => {
    const sheet = demoSheets.find((s) => s.id === id);
    if (!sheet) throw new Error('no such sheet');
    const state = { ...EMPTY_STATE, scope: { kind: 'gasket' as const } };
    const tray = trayOf(sheet, state, now.toISOString()).filter(({ card }) => card !== 'fit');
    expect(tray.map((card) => card.set?.id ?? card.card)).toEqual([...top, ...cards, 'cause']);
    expect(tray.every((card) => card.reason.code !== 'sheet-lacks')).toBe(true);
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
      let job = EMPTY_JOB;
      for (const act of acts) {
        const member = shop.crew.find((m) => m.id === act.by);
        const verdict = decide(job, act, {
          now: act.at,
          sheet: sheetOf(acts),
          member: { id: act.by, role: member?.role ?? 'viewer', fresh: false },
        });
        expect([act.type, verdict]).toEqual([act.type, { ok: true }]);
        job = evolve(job, { ...act, seq: job.log.headSeq + 1, receivedAt: act.at });
      }
      expect(Date.parse(acts.at(-1)?.at ?? '')).toBeLessThan(now.getTime());
    }
  });

  it('show a liner that tilts, a stage left open, a set half done, a recheck waiting, a finished one, leaflets to decide', () => {
    const card = (id: string, name: CardName) =>
      storyOf(id).tray.find((entry) => entry.card === name);
    expect(card(DEMO_JOB.launch, 'tighten')?.reason).toEqual({
      code: 'differences-open',
      count: 2,
    });
    expect(card(DEMO_JOB.conveyor, 'liners')?.reason).toEqual({ code: 'liners-out' });
    expect(card(DEMO_JOB.baler, 'tighten')?.reason).toMatchObject({
      code: 'sweep-first',
      stage: 2,
    });
    expect(card(DEMO_JOB.creamery, 'valves')?.reason).toEqual({
      code: 'valves-set',
      done: 4,
      total: 8,
    });
    expect(card(DEMO_JOB.sluice, 'recheck')?.status).toBe('waiting');
    expect(isFinished(storyOf(DEMO_JOB.ferryWinch).tray)).toBe(true);
  });
});
