import type { TightenPlanInput } from './tightenPlanInput';
import fc from 'fast-check';
import { adapterSetting } from './adapterSetting';
import type { Fastener, Stage } from './programme';
import { tightenPlan } from './tightenPlan';

const fasteners: Fastener[] = ['a', 'b', 'c'].map((id, place) => ({
  id,
  number: String(place + 1),
  xMm: place * 100,
  yMm: 0,
  group: place === 2 ? 'long' : 'short',
}));

function plan(stages: Stage[], more: Partial<TightenPlanInput> = {}) {
  return tightenPlan({
    set: 'head',
    instance: '1',
    fasteners,
    programme: { id: 'main', cycles: [{ id: '1', stages }] },
    ...more,
  });
}

const pull = (id: string, nm: number, order = ['a', 'b', 'c']): Stage => ({
  id,
  kind: 'torque',
  order,
  values: [{ nm }],
});

describe('a tightening plan', () => {
  it('lists every pull in order, keyed so that it is found again', () => {
    const { acts, findings } = plan([pull('s1', 40, ['b', 'a', 'c']), pull('s2', 80)]);
    expect(findings).toEqual([]);
    expect(acts.map((act) => [act.key, act.nm])).toEqual([
      ['head/1/main/1/s1/b', 40],
      ['head/1/main/1/s1/a', 40],
      ['head/1/main/1/s1/c', 40],
      ['head/1/main/1/s2/a', 80],
      ['head/1/main/1/s2/b', 80],
      ['head/1/main/1/s2/c', 80],
    ]);
  });

  it('aims at the middle of a printed range, and gives each group its own value', () => {
    const { acts } = plan([
      {
        id: 's1',
        kind: 'torque',
        order: ['a', 'b', 'c'],
        values: [
          { lowNm: 80, highNm: 90 },
          { nm: 100, group: 'long' },
        ],
      },
    ]);
    expect(acts.map((act) => act.nm)).toEqual([85, 85, 100]);
    expect(acts[0]).toMatchObject({ lowNm: 80, highNm: 90 });
  });

  it('finds an order that misses one, or pulls one twice', () => {
    expect(plan([pull('s1', 40, ['a', 'b'])]).findings).toEqual([
      { code: 'order-misses', cycle: '1', stage: 's1', fastener: 'c' },
    ]);
    expect(plan([pull('s1', 40, ['a', 'b', 'c', 'a'])]).findings).toEqual([
      { code: 'order-repeats', cycle: '1', stage: 's1', fastener: 'a' },
    ]);
  });

  it('lets a stage leave some alone on purpose, but not both ways', () => {
    expect(
      plan([{ ...pull('s1', 40, ['a', 'b']), kind: 'torque', leaveOut: ['c'] } as Stage]).findings,
    ).toEqual([]);
    expect(plan([{ ...pull('s1', 40), leaveOut: ['c'] } as Stage]).findings).toMatchObject([
      { code: 'left-out-but-ordered', fastener: 'c' },
    ]);
  });

  it('shares a stage out between two sides, each with its own order', () => {
    const shared = { ...pull('s1', 40, ['c', 'a', 'b']), farSide: ['b', 'c'] } as Stage;
    expect(plan([shared]).acts.map(({ fastener, from }) => `${fastener} ${from}`)).toEqual([
      'c far',
      'a near',
      'b far',
    ]);
    expect(plan([pull('s1', 40)]).acts.every((act) => act.from === undefined)).toBe(true);
    const wrong = (more: object) => () =>
      plan([{ ...pull('s1', 40, ['a', 'b']), ...more } as Stage]);
    expect(wrong({ farSide: ['c'] })).toThrow(
      'programme.cycles[0].stages[0].farSide[0]: not-in-order',
    );
    expect(wrong({ farSide: ['a', 'a'] })).toThrow('farSide[1]: repeated');
    expect(wrong({ farSide: [] })).toThrow('farSide: empty');
    expect(wrong({ farSide: ['a'], together: true })).toThrow('farSide: one-of');
  });

  it('finds a value that falls, allows one repeated, and begins again after slackening', () => {
    expect(plan([pull('s1', 80), pull('s2', 40)]).findings.map((f) => f.code)).toEqual([
      'value-falls',
      'value-falls',
    ]);
    expect(plan([pull('s1', 80), pull('s2', 80)]).findings).toEqual([]);
    const slacken: Stage = { id: 'ease', kind: 'slacken', order: ['c', 'b', 'a'] };
    expect(plan([pull('s1', 80), slacken, pull('s2', 40)]).findings).toEqual([]);
  });

  it('finds a pressure that falls within a cycle, but not one that is only tried again', () => {
    const pump = (id: string, bar: number, kind: 'hydraulic' | 'hydraulic-check' = 'hydraulic') =>
      ({ id, kind, bar, order: ['a', 'b', 'c'] }) as Stage;
    expect(plan([pump('s1', 500), pump('s2', 400)]).findings).toEqual(
      ['short', 'long'].map((group) =>
        expect.objectContaining({
          code: 'value-falls',
          stage: 's2',
          group,
          bar: 400,
          beforeBar: 500,
        }),
      ),
    );
    expect(plan([pump('s1', 500), pump('s2', 500)]).findings).toEqual([]);
    expect(plan([pump('s1', 500), pump('s2', 400, 'hydraulic-check')]).findings).toEqual([]);
    const slacken: Stage = { id: 'ease', kind: 'slacken', order: ['c', 'b', 'a'] };
    expect(plan([pump('s1', 500), slacken, pump('s2', 400)]).findings).toEqual([]);
  });

  it('begins again only once all of a group is slack: a bolt left in still holds what it had', () => {
    const stages = (order: string[], leaveOut: string[]): Stage[] => [
      pull('s1', 80),
      { id: 'ease', kind: 'slacken', order, leaveOut },
      pull('s2', 40),
    ];
    expect(plan(stages(['c', 'b', 'a'], [])).findings).toEqual([]);
    const findingsHere = plan(stages(['b', 'a'], ['c'])).findings;
    expect(findingsHere.map(({ code }) => code)).toEqual(['value-falls']);
  });

  it('holds nothing against the cycle before: a cycle is where the book begins anew', () => {
    const programme = {
      id: 'main',
      cycles: [
        { id: '1', stages: [pull('s1', 80)] },
        { id: '2', stages: [pull('s1', 40)] },
      ],
    };
    expect(plan([], { programme }).findings).toEqual([]);
  });

  it('says which stage no wrench here reaches, the ends of a range included', () => {
    const wrenches = [{ id: 'w', lowNm: 40, highNm: 80 }];
    expect(plan([pull('s1', 40), pull('s2', 80)], { wrenches }).findings).toEqual([]);
    expect(plan([pull('s1', 39), pull('s2', 80)], { wrenches }).findings).toContainEqual({
      code: 'no-wrench',
      cycle: '1',
      stage: 's1',
      nm: 39,
    });
  });

  it('finds a group without a value', () => {
    const stage: Stage = {
      id: 's1',
      kind: 'torque',
      order: ['a', 'b', 'c'],
      values: [{ nm: 40, group: 'short' }],
    };
    expect(plan([stage]).findings).toContainEqual({
      code: 'no-value',
      cycle: '1',
      stage: 's1',
      group: 'long',
    });
  });

  it('leaves one-use stretch bolts alone after their programme, and names both sides of a contradiction', () => {
    const stretch = fasteners.map((f) => ({ ...f, oneUseStretch: true }));
    const heat = { about: 'after-heat' as const, says: 'do' as const, source: 'sheet, p. 12' };
    expect(plan([pull('s1', 40)], { demands: [heat] }).findings).toEqual([]);
    expect(plan([pull('s1', 40)], { fasteners: stretch, demands: [heat] }).findings).toEqual([
      { code: 'stretch-disturbed', about: 'after-heat', source: 'sheet, p. 12' },
    ]);
    const never = { about: 'after-heat' as const, says: 'never' as const, source: 'bolt leaflet' };
    expect(plan([pull('s1', 40)], { fasteners: stretch, demands: [heat, never] }).findings).toEqual(
      [
        {
          code: 'demands-contradict',
          about: 'after-heat',
          doSource: 'sheet, p. 12',
          neverSource: 'bolt leaflet',
        },
      ],
    );
  });

  it('refuses a fastener that is not in the set, and a value that cannot be', () => {
    expect(() => plan([pull('s1', 40, ['a', 'z'])])).toThrow(
      'programme.cycles[0].stages[0].order[1]',
    );
    expect(() => plan([pull('s1', 0)])).toThrow('values[0].nm');
    expect(() => plan([])).toThrow('programme.cycles[0].stages');
  });
});

describe('the setting with an adapter', () => {
  it('falls straight on, stays square, rises folded back', () => {
    const at = (adapterDeg: number) =>
      adapterSetting({ targetNm: 100, wrenchMm: 400, adapterMm: 100, adapterDeg }).settingNm;
    expect(at(0)).toBeCloseTo(80, 12);
    expect(at(90)).toBe(100);
    expect(at(180)).toBeCloseTo(133.333333, 5);
  });

  it('gives the fastener the target back', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 0, max: 180 }),
        fc.integer({ min: 0, max: 190 }),
        (targetNm, adapterDeg, adapterMm) => {
          const { settingNm } = adapterSetting({ targetNm, wrenchMm: 400, adapterMm, adapterDeg });
          const force = settingNm / 0.4;
          const arm = (400 + adapterMm * Math.cos((adapterDeg * Math.PI) / 180)) / 1000;
          expect(force * arm).toBeCloseTo(targetNm, 6);
        },
      ),
    );
  });

  it('refuses an adapter that leaves less than half the arm', () => {
    const folded = { targetNm: 100, wrenchMm: 400, adapterDeg: 180 };
    expect(adapterSetting({ ...folded, adapterMm: 200 }).settingNm).toBeCloseTo(200, 9);
    expect(() => adapterSetting({ ...folded, adapterMm: 201 })).toThrow('adapterMm');
  });
});
