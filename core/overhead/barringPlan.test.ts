import fc from 'fast-check';
import { inMillionths } from '../quantity/withinLimits';
import { ReckoningFault } from '../quantity/reckoningFault';
import {
  clearanceAt,
  firingAngles,
  stopAngles,
  type Firing,
  type OverheadItem,
} from './barringInput';
import { barringPlan, type BarringPlan, type BarringPlanInput } from './barringPlan';
import { cycleDegrees, forwardDistance } from './cycle';
import { settable } from './settable';
import { valveWindows } from './valveWindows';

const windows = valveWindows({
  strokes: 4,
  ivoBtdcDeg: 12,
  ivcAbdcDeg: 44,
  evoBbdcDeg: 48,
  evcAtdcDeg: 14,
});

function engine(order: readonly number[]): Pick<BarringPlanInput, 'strokes' | 'firing' | 'items'> {
  const firing: Firing[] = order.map((cylinder, place) => ({
    cylinder,
    atDeg: (place * 720) / order.length,
  }));
  const items = firing.flatMap(({ cylinder }): OverheadItem[] => [
    {
      id: `E${cylinder}`,
      cylinder,
      kind: 'exhaust',
      active: windows.exhaust ?? { fromDeg: 0, toDeg: 1 },
    },
    {
      id: `I${cylinder}`,
      cylinder,
      kind: 'intake',
      active: windows.intake ?? { fromDeg: 0, toDeg: 1 },
    },
  ]);
  return { strokes: 4, firing, items };
}

function setAt(plan: BarringPlan, position: number): string[] {
  return (plan.positions[position]?.set ?? []).map((item) => item.id).sort();
}

describe('the well-known valve tables', () => {
  it('come out for a four, 1-3-4-2', () => {
    const plan = barringPlan({ ...engine([1, 3, 4, 2]), marginDeg: 20, stops: [0, 360] });
    expect(setAt(plan, 0)).toEqual(['E1', 'E3', 'I1', 'I2']);
    expect(setAt(plan, 1)).toEqual(['E2', 'E4', 'I3', 'I4']);
    expect(plan.positions.map((p) => p.rockingCylinders)).toEqual([[4], [1]]);
    expect(plan.totalBarDeg).toBe(360);
  });

  it('come out for a six, 1-5-3-6-2-4', () => {
    const plan = barringPlan({ ...engine([1, 5, 3, 6, 2, 4]), marginDeg: 20, stops: [0, 360] });
    expect(setAt(plan, 0)).toEqual(['E1', 'E3', 'E5', 'I1', 'I2', 'I4']);
    expect(setAt(plan, 1)).toEqual(['E2', 'E4', 'E6', 'I3', 'I5', 'I6']);
  });

  it('are the same positions begun elsewhere when the crank stands elsewhere', () => {
    const plan = barringPlan({
      ...engine([1, 3, 4, 2]),
      marginDeg: 20,
      stops: [0, 360],
      startDeg: 100,
    });
    expect(plan.positions.map((p) => [p.atDeg, p.barDeg])).toEqual([
      [360, 260],
      [0, 360],
    ]);
    expect(plan.totalBarDeg).toBe(620);
  });
});

describe('a barring plan', () => {
  const one: OverheadItem = {
    id: 'a',
    cylinder: 1,
    kind: 'x',
    active: { fromDeg: 100, toDeg: 700 },
  };
  const firing = [{ cylinder: 1, atDeg: 0 }];

  it('names what can be set nowhere and plans the rest', () => {
    const held: OverheadItem = { ...one, id: 'b', active: { fromDeg: 10, toDeg: 700 } };
    const plan = barringPlan({
      strokes: 4,
      firing,
      items: [one, held],
      marginDeg: 20,
      stops: 'any',
    });
    expect(plan.neverSettable).toEqual(['b']);
    expect(plan.positions).toHaveLength(1);
  });

  it('has no position and no smallest clearance when nothing can be set', () => {
    const plan = barringPlan({ strokes: 4, firing, items: [one], marginDeg: 61, stops: 'any' });
    expect(plan).toEqual({
      positions: [],
      totalBarDeg: 0,
      smallestClearanceDeg: null,
      neverSettable: ['a'],
    });
  });

  it('counts a margin met exactly as met', () => {
    const plan = barringPlan({ strokes: 4, firing, items: [one], marginDeg: 60, stops: 'any' });
    expect(plan.positions.map((p) => p.atDeg)).toEqual([40]);
    expect(plan.smallestClearanceDeg).toBe(60);
  });

  it('trades room to spare for less barring when asked', () => {
    const input = {
      strokes: 4 as const,
      firing,
      items: [one],
      marginDeg: 20,
      stops: 'any' as const,
    };
    expect(barringPlan(input).positions[0]?.atDeg).toBe(40);
    expect(barringPlan({ ...input, prefer: 'barring' }).positions[0]?.atDeg).toBe(0);
  });

  it.each<[string, Partial<BarringPlanInput>, string]>([
    ['no items', { items: [] }, 'items'],
    ['no firing', { firing: [] }, 'firing'],
    ['a repeated item', { items: [one, one] }, 'items[1].id'],
    ['a cylinder that does not fire', { items: [{ ...one, cylinder: 7 }] }, 'items[0].cylinder'],
    [
      'a window without length',
      { items: [{ ...one, active: { fromDeg: 5, toDeg: 725 } }] },
      'items[0].active',
    ],
    ['a negative margin', { marginDeg: -1 }, 'marginDeg'],
    ['an empty list of stops', { stops: [] }, 'stops'],
  ])('refuses %s', (_what, wrong, field) => {
    const input = {
      strokes: 4 as const,
      firing,
      items: [one],
      marginDeg: 20,
      stops: 'any' as const,
    };
    expect(() => barringPlan({ ...input, ...wrong })).toThrow(ReckoningFault);
    expect(() => barringPlan({ ...input, ...wrong })).toThrow(field);
  });
});

/** Every set of stops, tried in turn; the order of merit written out as a comparison. */
function exhaustive(input: BarringPlanInput) {
  const cycle = cycleDegrees(input.strokes);
  const firesAt = firingAngles(input.firing);
  const start = input.startDeg ?? 0;
  const stops = stopAngles(input.stops, input.firing, input.strokes)
    .map((atDeg) => {
      const distance = forwardDistance(start, atDeg, cycle);
      return { atDeg, forward: inMillionths(distance) === inMillionths(cycle) ? 0 : distance };
    })
    .sort((a, b) => a.forward - b.forward);
  const clearance = (item: OverheadItem, atDeg: number): number =>
    inMillionths(clearanceAt(item, firesAt, atDeg, cycle));
  const margin = inMillionths(input.marginDeg);
  const items = input.items.filter((item) => stops.some((s) => clearance(item, s.atDeg) >= margin));
  if (items.length === 0) return null;
  const plans = subsets(stops.length).flatMap((chosen) => {
    const at = chosen.map((place) => stops[place] ?? { atDeg: 0, forward: 0 });
    const best = items.map((item) => Math.max(...at.map((s) => clearance(item, s.atDeg))));
    const smallest = Math.min(...best);
    if (smallest < margin) return [];
    return [{ at, smallest, last: inMillionths(at.at(-1)?.forward ?? 0) }];
  });
  const byClearance = (a: Tried, b: Tried): number => b.smallest - a.smallest;
  const byBarring = (a: Tried, b: Tried): number => a.last - b.last;
  const [second, third] =
    input.prefer === 'barring' ? [byBarring, byClearance] : [byClearance, byBarring];
  plans.sort(
    (a, b) => a.at.length - b.at.length || second(a, b) || third(a, b) || firstDifference(a, b),
  );
  return plans[0] ?? null;
}

interface Tried {
  readonly at: readonly { readonly atDeg: number; readonly forward: number }[];
  readonly smallest: number;
  readonly last: number;
}

function firstDifference(a: Tried, b: Tried): number {
  for (const [place, stop] of a.at.entries()) {
    const difference = stop.forward - (b.at[place]?.forward ?? 0);
    if (Math.abs(difference) > 1e-9) return difference;
  }
  return 0;
}

function subsets(count: number): number[][] {
  const all: number[][] = [];
  for (let mask = 1; mask < 1 << count; mask += 1) {
    all.push(
      Array.from({ length: count }, (_, place) => place).filter((place) => mask & (1 << place)),
    );
  }
  return all;
}

const smallEngine = fc
  .record({
    strokes: fc.constantFrom<4 | 2>(4, 2),
    cylinders: fc.integer({ min: 1, max: 4 }),
    odd: fc.boolean(),
    angles: fc.array(fc.integer({ min: 0, max: 719 }), { minLength: 4, maxLength: 4 }),
    items: fc.array(
      fc.record({
        cylinder: fc.integer({ min: 1, max: 4 }),
        fromDeg: fc.integer({ min: -20, max: 740 }),
        lengthDeg: fc.integer({ min: 5, max: 340 }),
      }),
      { minLength: 1, maxLength: 7 },
    ),
    marginDeg: fc.constantFrom(0, 5, 20, 30, 60),
    stops: fc.oneof(
      fc.constant<'tdc'>('tdc'),
      fc.array(fc.integer({ min: 0, max: 719 }), { minLength: 1, maxLength: 9 }),
    ),
    startDeg: fc.integer({ min: -100, max: 800 }),
    prefer: fc.constantFrom<'clearance' | 'barring'>('clearance', 'barring'),
  })
  .map(({ strokes, cylinders, odd, angles, items, ...rest }): BarringPlanInput => {
    const cycle = cycleDegrees(strokes);
    const firing = Array.from({ length: cylinders }, (_, place) => ({
      cylinder: place + 1,
      atDeg: odd ? (angles[place] ?? 0) % cycle : (place * cycle) / cylinders,
    }));
    return {
      strokes,
      firing,
      items: items.map(({ cylinder, fromDeg, lengthDeg }, place) => ({
        id: `v${place}`,
        cylinder: ((cylinder - 1) % cylinders) + 1,
        kind: 'x',
        active: { fromDeg, toDeg: fromDeg + lengthDeg },
      })),
      ...rest,
    };
  });

describe('against every set of stops on small engines', () => {
  it('is the best there is, in the order of merit', () => {
    fc.assert(
      fc.property(smallEngine, (input) => {
        const best = exhaustive(input);
        const plan = barringPlan(input);
        if (best === null) {
          expect(plan.positions).toEqual([]);
          return;
        }
        expect(plan.positions.map((p) => p.atDeg)).toEqual(best.at.map((s) => s.atDeg));
        expect(inMillionths(plan.smallestClearanceDeg ?? NaN)).toBe(best.smallest);
        expect(inMillionths(plan.totalBarDeg)).toBe(best.last);
      }),
      { numRuns: 3000 },
    );
  });

  it('sets every item once or says it cannot be, and agrees with what may be set at each stop', () => {
    fc.assert(
      fc.property(smallEngine, (input) => {
        const plan = barringPlan(input);
        const planned = plan.positions.flatMap((p) => p.set.map((item) => item.id));
        expect([...planned, ...plan.neverSettable].sort()).toEqual(
          input.items.map((i) => i.id).sort(),
        );
        for (const position of plan.positions) {
          const current = settable({ ...input, atDeg: position.atDeg });
          for (const { id, clearanceDeg } of position.set) {
            const item = current.items.find((i) => i.id === id);
            expect(item?.verdict).toBe('settable');
            expect(item?.clearanceDeg).toBeCloseTo(clearanceDeg, 9);
          }
        }
      }),
      { numRuns: 500 },
    );
  });
});

describe('what may be set at an angle', () => {
  it('a stroke is told to a millionth: a dead centre is one for all that thirds leave over', () => {
    const third = 720 / 7;
    const firing = [0, 1, 2, 3, 4, 5, 6].map((nth) => ({ cylinder: nth + 1, atDeg: nth * third }));
    const items = engine([1, 3, 4, 2]).items.slice(0, 1);
    for (const { cylinder, atDeg } of firing) {
      const current = settable({
        strokes: 4,
        firing,
        items,
        marginDeg: 20,
        atDeg: atDeg + 180 + 1e-9,
      });
      expect(current.cylinders.find((entry) => entry.cylinder === cylinder)?.stroke).toBe('power');
      const round = settable({ strokes: 4, firing, items, marginDeg: 20, atDeg: atDeg - 1e-10 });
      expect(round.cylinders.find((each) => each.cylinder === cylinder)?.stroke).toBe(
        'compression',
      );
      const after = settable({ strokes: 4, firing, items, marginDeg: 20, atDeg: atDeg + 1e-10 });
      expect(after.cylinders.find((one) => one.cylinder === cylinder)?.stroke).toBe('compression');
    }
  });

  it('tells strokes, overlap and companions', () => {
    const here = settable({ ...engine([1, 3, 4, 2]), marginDeg: 20, atDeg: 0 });
    const byCylinder = new Map(here.cylinders.map((c) => [c.cylinder, c]));
    expect(byCylinder.get(1)).toMatchObject({ stroke: 'compression', companions: [4] });
    expect(byCylinder.get(4)).toMatchObject({ stroke: 'overlap', companions: [1] });
    expect(byCylinder.get(2)).toMatchObject({ stroke: 'power', localDeg: 180 });
    expect(byCylinder.get(3)).toMatchObject({ stroke: 'intake', localDeg: 540 });
  });

  it('tells lifted from near: on the base circle but inside the margin', () => {
    const item: OverheadItem = {
      id: 'a',
      cylinder: 1,
      kind: 'x',
      active: { fromDeg: 100, toDeg: 200 },
    };
    const at = (atDeg: number) =>
      settable({
        strokes: 4,
        firing: [{ cylinder: 1, atDeg: 0 }],
        items: [item],
        marginDeg: 20,
        atDeg,
      }).items[0]?.verdict;
    expect([79, 80, 81, 99, 100, 150, 200, 201, 220].map(at)).toEqual([
      'settable',
      'settable',
      'near',
      'near',
      'lifted',
      'lifted',
      'lifted',
      'near',
      'settable',
    ]);
  });

  it('has no companions and no overlap on a two-stroke', () => {
    const here = settable({
      strokes: 2,
      firing: [
        { cylinder: 1, atDeg: 0 },
        { cylinder: 2, atDeg: 180 },
      ],
      items: [{ id: 'a', cylinder: 1, kind: 'x', active: { fromDeg: 95, toDeg: 235 } }],
      marginDeg: 20,
      atDeg: 0,
    });
    expect(here.cylinders.map((c) => [c.stroke, c.companions])).toEqual([
      ['compression', []],
      ['power', []],
    ]);
  });
});
