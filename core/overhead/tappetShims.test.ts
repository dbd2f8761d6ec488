import fc from 'fast-check';
import { inMillionths } from '../quantity/withinLimits';
import { tappetShims, type TappetShimsInput } from './tappetShims';

/** Served, bought, millionths off, moved: the merit of a choice, less is better in each but the first. */
type Merit = readonly [number, number, number, number];

const better = (a: Merit, b: Merit): boolean => {
  const at = a.findIndex((each, place) => each !== b[place]);
  return at >= 0 && (at === 0 ? a[0] > b[0] : (a[at] ?? 0) < (b[at] ?? 0));
};

/** Every way to give shims to valves, tried one by one. */
function exhaustive(input: TappetShimsInput): Merit {
  const { valves, stock, lowMm, highMm } = input;
  const target = inMillionths(input.targetMm ?? (lowMm + highMm) / 2);
  const pool = [
    ...valves.map(({ id, fittedMm }) => ({ mm: fittedMm, from: id as string | null })),
    ...stock.flatMap(({ mm, count }) => Array.from({ length: count }, () => ({ mm, from: null }))),
  ];
  let best: Merit = [-1, 0, 0, 0];
  const walk = (valve: number, used: ReadonlySet<number>, so: Merit): void => {
    const own = valves[valve];
    if (!own) {
      if (better(so, best)) best = so;
      return;
    }
    walk(valve + 1, used, so);
    pool.forEach(({ mm, from }, place) => {
      const gap = inMillionths(own.measuredMm + own.fittedMm - mm);
      if (used.has(place) || gap < inMillionths(lowMm) || gap > inMillionths(highMm)) return;
      walk(valve + 1, new Set([...used, place]), [
        so[0] + 1,
        so[1] + (from === null ? 1 : 0),
        so[2] + Math.abs(gap - target),
        so[3] + (from === own.id ? 0 : 1),
      ]);
    });
  };
  walk(0, new Set(), [0, 0, 0, 0]);
  return best;
}

const step = fc.integer({ min: 0, max: 14 });
const small = fc
  .record({
    valves: fc.array(fc.tuple(step, step), { minLength: 1, maxLength: 4 }),
    stock: fc.uniqueArray(step, { maxLength: 3 }),
    counts: fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 3, maxLength: 3 }),
    width: fc.integer({ min: 0, max: 4 }),
  })
  .map(({ valves, stock, counts, width }): TappetShimsInput => ({
    valves: valves.map(([gap, shim], at) => ({
      id: `v${at}`,
      measuredMm: gap * 0.025,
      fittedMm: 3 + shim * 0.025,
    })),
    lowMm: 0.15,
    highMm: 0.15 + width * 0.025,
    stock: stock.map((mm, at) => ({ mm: 3 + mm * 0.025, count: counts[at] ?? 0 })),
  }));

it('is as good as the best of all ways there are', () => {
  fc.assert(
    fc.property(small, (input) => {
      const found = tappetShims(input);
      const target = inMillionths(input.targetMm ?? (input.lowMm + input.highMm) / 2);
      const merit: Merit = [
        found.shims.length,
        found.bought,
        found.shims.reduce((sum, { gapMm }) => sum + Math.abs(inMillionths(gapMm) - target), 0),
        found.shims.filter(({ id, from }) => id !== from).length,
      ];
      expect(merit).toEqual(exhaustive(input));
    }),
    { numRuns: 3000 },
  );
});

it('uses no shim twice and no more than there are', () => {
  fc.assert(
    fc.property(small, (input) => {
      const { shims, take } = tappetShims(input);
      const out = shims.flatMap(({ from }) => from ?? []);
      expect(new Set(out).size).toBe(out.length);
      for (const { mm, count } of take)
        expect(count).toBeLessThanOrEqual(input.stock.find((entry) => entry.mm === mm)?.count ?? 0);
    }),
  );
});

it('moves shims from valve to valve before it buys any', () => {
  // Each stands where the other's shim would put it right.
  const found = tappetShims({
    valves: [
      { id: 'E1', measuredMm: 0.3, fittedMm: 3.1 },
      { id: 'E2', measuredMm: 0.5, fittedMm: 3.0 },
    ],
    lowMm: 0.35,
    highMm: 0.45,
    stock: [{ mm: 3.0, count: 4 }],
  });
  expect(found.shims).toMatchObject([
    { id: 'E1', shimMm: 3, gapMm: expect.closeTo(0.4, 9), from: 'E2' },
    { id: 'E2', shimMm: 3.1, gapMm: expect.closeTo(0.4, 9), from: 'E1' },
  ]);
  expect(found.bought).toBe(0);
});

it('says which valve nothing fits, and how thick its shim would have to be', () => {
  const found = tappetShims({
    valves: [{ id: 'I3', measuredMm: 0.9, fittedMm: 3 }],
    lowMm: 0.15,
    highMm: 0.25,
    stock: [{ mm: 3.5, count: 1 }],
  });
  expect(found.shims).toEqual([]);
  expect(found.unserved).toEqual([
    {
      id: 'I3',
      lowMm: expect.closeTo(3.65, 9),
      highMm: expect.closeTo(3.75, 9),
      bestMm: expect.closeTo(3.7, 9),
    },
  ]);
});

it('names what it cannot work with', () => {
  const input = { valves: [{ id: 'a', measuredMm: 0.2, fittedMm: 3 }], stock: [] };
  expect(() => tappetShims({ ...input, lowMm: 0.3, highMm: 0.2 })).toThrow('highMm: range-upside');
  expect(() => tappetShims({ ...input, lowMm: 0.1, highMm: 0.2, targetMm: 0.3 })).toThrow(
    'targetMm: between',
  );
  expect(() =>
    tappetShims({ ...input, lowMm: 0.1, highMm: 0.2, stock: [{ mm: 3, count: 1.5 }] }),
  ).toThrow('stock[0].count: must-be-whole');
});
