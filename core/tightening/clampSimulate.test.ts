import fc from 'fast-check';
import { clampSimulate, type ClampSimulateInput, type ClampStage } from './clampSimulate';
import { orderPropose } from './orderPropose';

const deck = (count: number) =>
  Array.from({ length: count }, (_, at) => ({
    id: `b${at + 1}`,
    xMm: Math.floor(at / 2) * 90,
    yMm: (at % 2) * 110,
  }));
const load = (kn: number, scatter = 0): ClampStage => ({ kind: 'load', kn, scatter });

function simulate(more: Partial<ClampSimulateInput> = {}) {
  const fasteners = more.fasteners ?? deck(10);
  return clampSimulate({
    fasteners,
    order: orderPropose({ fasteners, pattern: 'spiral' }),
    stages: [load(60)],
    interaction: 0.3,
    decayMm: 120,
    trials: 50,
    seed: 7,
    ...more,
  });
}

it('with no scatter and no interaction every bolt ends exactly at its target', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 16 }),
      fc.double({ min: 1, max: 200, noNaN: true }),
      (count, kn) => {
        const fasteners = deck(count);
        const order = fasteners.map(({ id }) => id).reverse();
        const stages = [load(kn / 2), load(kn)];
        const { stages: told } = simulate({ fasteners, order, stages, interaction: 0, trials: 3 });
        const last = told.at(-1);
        expect(last?.spreadKn).toBe(0);
        for (const bolt of last?.bolts ?? []) {
          expect(bolt.meanKn).toBeCloseTo(kn, 9);
          expect([bolt.lowKn, bolt.highKn]).toEqual([kn, kn]);
        }
      },
    ),
  );
});

it('bolts meant to get another share get it, and are held against those meant alike', () => {
  const fasteners = deck(6);
  const short = ['b5', 'b6'];
  const stages: ClampStage[] = [
    { ...load(60), shares: short.map((id) => ({ id, share: 0.5 })) } as ClampStage,
    {
      kind: 'angle',
      knPerDeg: 0.4,
      deg: 100,
      scatter: 0,
      shares: short.map((id) => ({ id, share: 0 })),
    },
  ];
  const found = simulate({ fasteners, stages, interaction: 0, trials: 2 }).stages;
  expect(found[0]?.bolts.map(({ meanKn }) => meanKn)).toEqual([60, 60, 60, 60, 30, 30]);
  // Left alone by the second: they stand as they stood.
  expect(found[1]?.bolts.map(({ meanKn }) => meanKn)).toEqual([100, 100, 100, 100, 30, 30]);
  expect(found.map(({ spreadKn }) => spreadKn)).toEqual([0, 0]);
  const wrong = (shares: { id: string; share: number }[]) => () =>
    simulate({ fasteners, stages: [{ ...load(60), shares } as ClampStage] });
  expect(wrong([{ id: 'x', share: 1 }])).toThrow('stages[0].shares[0].id: unknown-fastener');
  expect(wrong([{ id: 'b1', share: -1 }])).toThrow('shares[0].share: must-not-be-negative');
  expect(
    wrong([
      { id: 'b1', share: 1 },
      { id: 'b1', share: 1 },
    ]),
  ).toThrow('repeated');
});

/** What a bolt loses in all when each of the others gains a kilonewton. */
const lostInAll = (count: number, interaction: number, decayMm: number): number => {
  const fasteners = deck(count);
  const from = (entry: { xMm: number; yMm: number }): number =>
    fasteners.reduce(
      (sum, other) =>
        other === entry
          ? sum
          : sum +
            interaction *
              Math.exp(-Math.hypot(entry.xMm - other.xMm, entry.yMm - other.yMm) / decayMm),
      0,
    );
  return Math.max(...fasteners.map(from));
};

it('with interaction a second pass leaves less spread than one, wherever a joint still clamps', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 20 }),
      fc.double({ min: 0.02, max: 0.5, noNaN: true }),
      fc.double({ min: 30, max: 300, noNaN: true }),
      (count, interaction, decayMm) => {
        // A bolt that lost more than all it has to the others is no head bolt.
        fc.pre(lostInAll(count, interaction, decayMm) < 0.9);
        const fasteners = deck(count);
        const order = orderPropose({ fasteners, pattern: 'cross' });
        const { stages } = simulate({
          fasteners,
          order,
          interaction,
          decayMm,
          stages: [load(60), load(60)],
          trials: 1,
        });
        const [once, twice] = stages;
        expect(twice?.spreadKn).toBeLessThan(once?.spreadKn ?? 0);
      },
    ),
  );
});

it('what a pull takes from its neighbour is the stated share, falling off with distance', () => {
  const fasteners = [
    { id: 'a', xMm: 0, yMm: 0 },
    { id: 'b', xMm: 100, yMm: 0 },
  ];
  const { stages } = simulate({ fasteners, order: ['a', 'b'], interaction: 0.2, decayMm: 100 });
  const [first, second] = stages[0]?.bolts ?? [];
  expect(first?.meanKn).toBeCloseTo(60 - 60 * 0.2 * Math.exp(-1), 9);
  expect(second?.meanKn).toBeCloseTo(60, 9);
});

it('a bolt not yet loaded loses nothing, and none is ever below nothing', () => {
  const fasteners = deck(6);
  const { stages } = simulate({ fasteners, interaction: 1, decayMm: 10_000, stages: [load(60)] });
  for (const { lowKn } of stages[0]?.bolts ?? []) expect(lowKn).toBeGreaterThanOrEqual(0);
});

it('turned by angle from a load, with nothing else, each gains the turn', () => {
  const stages: ClampStage[] = [load(20), { kind: 'angle', knPerDeg: 0.5, deg: 90, scatter: 0 }];
  const { stages: told } = simulate({ stages, interaction: 0, trials: 1 });
  expect(told[1]?.bolts.every(({ meanKn }) => meanKn === 65)).toBe(true);
});

it('slackened, all are at nothing, and a cycle begins again', () => {
  const stages: ClampStage[] = [load(60, 0.2), { kind: 'slacken' }, load(30)];
  const { stages: told } = simulate({ stages, interaction: 0 });
  expect(told[1]).toMatchObject({ spreadKn: 0 });
  expect(told[1]?.bolts.every(({ highKn }) => highKn === 0)).toBe(true);
  expect(told[2]?.bolts.every(({ meanKn }) => meanKn === 30)).toBe(true);
});

it('the same seed gives the same answer, another seed another', () => {
  const stages = [load(60, 0.15)];
  const once = simulate({ stages, trials: 200 });
  expect(simulate({ stages, trials: 200 })).toEqual(once);
  expect(simulate({ stages, trials: 200, seed: 8 })).not.toEqual(once);
});

it('scatter spreads as wide as it is stated: nineteen of twenty above the low, as many below the high', () => {
  const { stages } = simulate({
    fasteners: deck(1),
    order: ['b1'],
    stages: [load(100, 0.1)],
    trials: 20_000,
  });
  const [bolt] = stages[0]?.bolts ?? [];
  expect(bolt?.meanKn).toBeCloseTo(100, 0);
  // 1.645 standard deviations either way
  expect(Math.abs((bolt?.lowKn ?? 0) - 83.55)).toBeLessThan(0.6);
  expect(Math.abs((bolt?.highKn ?? 0) - 116.45)).toBeLessThan(0.6);
});

it('tells how far it is', () => {
  const shares: number[] = [];
  const fasteners = deck(2);
  clampSimulate(
    {
      fasteners,
      order: ['b1', 'b2'],
      stages: [load(60)],
      interaction: 0,
      decayMm: 100,
      trials: 300,
      seed: 1,
    },
    (share) => shares.push(share),
  );
  expect(shares).toEqual([1 / 3, 2 / 3, 1]);
});

it.each<[string, Partial<ClampSimulateInput>]>([
  ['order[1]', { order: ['b1', 'b9'] }],
  ['order[1]', { order: ['b1', 'b1'] }],
  ['order', { order: ['b1'] }],
  ['stages[0].kn', { stages: [load(-1)] }],
  ['stages[0].scatter', { stages: [load(1, 2)] }],
  ['interaction', { interaction: 1.5 }],
  ['trials', { trials: 0 }],
  ['trials', { trials: 1e9 }],
])('names %s', (field, more) => {
  let caught: unknown;
  try {
    simulate({ fasteners: deck(2), order: ['b1', 'b2'], ...more });
  } catch (error) {
    caught = error;
  }
  expect(caught).toMatchObject({ field });
});
