import type { LinerArrangeInput, PlacedLiner } from './input';
import { asTheyAre } from '../asTheyAre';
import { breaksOf } from './breaks';
import { cureOf } from './cure';
import { stacksOf } from './stacks';

describe('stacks of shims', () => {
  it('fewest first, then thinner; no more of a size than there are', () => {
    const stacks = stacksOf(
      [
        { mm: 0.2, count: 1 },
        { mm: 0.1, count: 2 },
      ],
      false,
      2,
    );
    expect(stacks.map(({ shimsMm }) => shimsMm)).toEqual([
      [],
      [0.1],
      [0.2],
      [0.1, 0.1],
      [0.2, 0.1],
    ]);
    expect(stacks.at(-1)?.uses).toEqual([1, 1]);
  });

  it('where one is required there is none without', () => {
    expect(stacksOf([{ mm: 0.1, count: 9 }], true, 1).map(({ shimsMm }) => shimsMm)).toEqual([
      [0.1],
    ]);
    expect(stacksOf([], false, 0).map(({ shimsMm }) => shimsMm)).toEqual([[]]);
  });
});

const input = (more: Partial<LinerArrangeInput> = {}): LinerArrangeInput => ({
  bores: ['1', '2', '3'].map((id) => ({ id, counterboreMm: 8 })),
  liners: [],
  shims: [],
  shimRequired: false,
  maxShims: 0,
  limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03 },
  rise: 'none',
  ...more,
});

const placed = (...mm: number[]): PlacedLiner[] =>
  mm.map((standOutMm, at) => ({
    bore: String(at + 1),
    liner: String(at + 1),
    shimsMm: [],
    standOutMm,
  }));

describe('what a placement breaks', () => {
  it('heights, neighbours, order and head group, each by how much', () => {
    const bores = ['1', '2', '3'].map((id) => ({ id, counterboreMm: 8, headGroup: 'one' }));
    const limits = { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03, groupSpreadMm: 0.05 };
    const breaks = breaksOf(input({ bores, limits, rise: 'up' }), placed(0.12, 0.04, 0.1));
    expect(breaks.map(({ kind, bores: of }) => [kind, ...of])).toEqual([
      ['height', '2'],
      ['adjacent', '1', '2'],
      ['adjacent', '2', '3'],
      ['rise', '1', '2'],
      ['group', '1', '2', '3'],
    ]);
    expect(breaks.map(({ excessMm }) => excessMm.toFixed(3))).toEqual([
      '0.010',
      '0.050',
      '0.030',
      '0.075',
      '0.030',
    ]);
  });

  it('nothing at the very limits', () => {
    expect(breaksOf(input(), placed(0.05, 0.08, 0.11))).toEqual([]);
  });
});

describe('what would cure it', () => {
  it('one bore where one is enough, though others are nearer their limit', () => {
    expect(cureOf(input(), placed(0.08, 0.14, 0.1))).toEqual([
      { do: 'cut', bore: '2', mm: expect.closeTo(0.03, 9) },
    ]);
  });

  it('the middle one is raised where it stands too low between two', () => {
    expect(cureOf(input(), placed(0.1, 0.06, 0.1))).toEqual([
      { do: 'thicker', bore: '2', mm: expect.closeTo(0.01, 9) },
    ]);
  });

  it('a stack thinner by what it stands too high, before anything is cut', () => {
    const shimmed = placed(0.08, 0.14, 0.1).map((liner) => ({ ...liner, shimsMm: [0.2] }));
    const shims = [{ mm: 0.2, count: 9 }];
    expect(cureOf(input({ shims, maxShims: 1 }), shimmed)).toEqual([
      { do: 'shim', bore: '2', mm: expect.closeTo(0.17, 9), insteadOfMm: 0.2 },
    ]);
  });

  it('no more is lowered by shims than lies there: then the ledge is cut', () => {
    const thin = placed(0.08, 0.14, 0.1).map((entry) => ({ ...entry, shimsMm: [0.02] }));
    const shims = [{ mm: 0.02, count: 9 }];
    expect(cureOf(input({ shims, maxShims: 1, shimRequired: true }), thin)).toEqual([
      { do: 'cut', bore: '2', mm: expect.closeTo(0.03, 9) },
    ]);
  });
});

describe('as they are', () => {
  const liners = [8.06, 8.08, 8.1].map((flangeMm, at) => ({ id: String(at + 1), flangeMm }));

  it('each liner in its own bore, whatever would be better', () => {
    const found = asTheyAre(input({ liners: [...liners].reverse() }));
    expect(found?.placement.map(({ bore, liner }) => `${bore}${liner}`)).toEqual([
      '11',
      '22',
      '33',
    ]);
  });

  it('not where a bore has none of its own, or its liner fits another only', () => {
    expect(
      asTheyAre(input({ liners: [...liners.slice(1), { id: 'x', flangeMm: 8.06 }] })),
    ).toBeNull();
    const bound = liners.map((entry) => (entry.id === '1' ? { ...entry, onlyBore: '2' } : entry));
    expect(asTheyAre(input({ liners: bound }))).toBeNull();
  });
});
