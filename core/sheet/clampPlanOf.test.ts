import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { clampSimulate, type ClampStage } from '../tightening/clampSimulate';
import { clampPlanOf } from './clampPlanOf';
import type { EngineSheet } from './engineSheet';
import { setOf } from './programmeOf';

const planFor = (sheet: EngineSheet) => {
  const set = setOf(sheet, 'head');
  return set ? clampPlanOf(set) : null;
};

it('torque stages rise as their torques do, at one friction', () => {
  const stages = planFor(tolvane44)?.stages ?? [];
  const kns = stages.map((stage) => (stage.kind === 'load' ? stage.kn : 0));
  expect(kns).toEqual([...kns].sort((a, b) => a - b));
  // 45 N·m, then the last printed value: the clamp goes with the torque.
  expect((kns.at(-1) ?? 0) / (kns[0] ?? 1)).toBeGreaterThan(1.5);
});

it('a programme that lets go in between does so here', () => {
  expect(planFor(quillon5c)?.stages.map(({ kind }) => kind)).toEqual([
    'load',
    'angle',
    'slacken',
    'load',
    'angle',
    'angle',
  ]);
});

it('short bolts get what their own thread and figure come to, and nothing where they are left out', () => {
  const [snug, , last] = planFor(orrin6t)?.stages ?? [];
  const short = setOf(orrin6t, 'head')?.fasteners.filter(({ group }) => group === 'short') ?? [];
  const shareIn = (stage: ClampStage | undefined) =>
    stage?.kind === 'slacken' ? [] : (stage?.shares ?? []);
  expect(shareIn(snug).map(({ id }) => id)).toEqual(short.map(({ id }) => id));
  // 40 N·m on M10 against 90 N·m on M15: by torque over thread about two thirds.
  for (const { share } of shareIn(snug)) {
    expect(share).toBeGreaterThan(0.55);
    expect(share).toBeLessThan(0.8);
  }
  expect(shareIn(last)).toEqual(short.map(({ id }) => ({ id, share: 0 })));
});

it('jacks pull what their pressure and area come to, less what is lost', () => {
  const [half, full] = planFor(hesperM6Right)?.stages ?? [];
  // 700 bar on 4860 mm², a tenth lost
  expect(full).toMatchObject({ kind: 'load', kn: expect.closeTo(0.9 * 70 * 4.86, 6) });
  expect(half).toMatchObject({ kn: expect.closeTo(0.45 * 70 * 4.86, 6) });
});

it.each(
  demoSheets.flatMap((sheet) =>
    (sheet.fastenedSets ?? []).flatMap((set) => {
      const plan = clampPlanOf(set);
      return plan ? [[`${sheet.id} ${set.id}`, set, plan] as const] : [];
    }),
  ),
)('%s can be tried out', (_, set, { stages, order }) => {
  const found = clampSimulate({
    fasteners: set.fasteners,
    order,
    stages,
    interaction: 0.1,
    decayMm: 120,
    trials: 5,
    seed: 1,
  });
  expect(found.stages).toHaveLength(stages.length);
  for (const { meanKn } of found.stages.at(-1)?.bolts ?? []) expect(meanKn).toBeGreaterThan(0);
});

it('where no stage pulls every fastener, each has its place by its last pull', () => {
  const set = setOf(averilQ4, 'cylinder-base');
  const plan = set && clampPlanOf(set);
  expect(plan?.order).toHaveLength(set?.fasteners.length ?? 0);
  // The through bolts come last, after all base nuts.
  expect(plan?.order.slice(-2)).toEqual(['f2', 'f6']);
  expect(plan?.stages).toHaveLength(4);
});
