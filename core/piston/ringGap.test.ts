import fc from 'fast-check';
import { MM_PER } from '../quantity/units';
import { ringGap, type MeasuredRing } from './ringGap';

const limit = { lowMm: 0.35, highMm: 0.6 };
const gapOf = (ring: Omit<MeasuredRing, 'id'>, more = {}) =>
  ringGap({ rings: [{ id: 'top', ...ring }], boreMm: 105, fileable: true, ...more }).rings[0];

it.each([
  [0.35, 'within'],
  [0.6, 'within'],
  [0.34, 'file'],
  [0.61, 'reject'],
] as const)('a gap of %s is %s', (measuredMm, verdict) => {
  expect(gapOf({ measuredMm, limit })?.verdict).toBe(verdict);
});

it('a tight ring says how much to file off at least and at most', () => {
  expect(gapOf({ measuredMm: 0.25, limit })).toMatchObject({
    leastOffMm: expect.closeTo(0.1, 9),
    mostOffMm: expect.closeTo(0.35, 9),
  });
});

it('rings supplied gapped are never filed, all of them or one', () => {
  expect(gapOf({ measuredMm: 0.25, limit }, { fileable: false })?.verdict).toBe('do-not-file');
  expect(gapOf({ measuredMm: 0.25, limit, fileable: false })?.verdict).toBe('do-not-file');
  expect(gapOf({ measuredMm: 0.25, limit, fileable: true }, { fileable: false })?.verdict).toBe(
    'file',
  );
});

it('squared where the bore is worn 0.05 wider, it closes by pi times that at the tightest place', () => {
  const found = gapOf(
    { measuredMm: 0.45, measuredAtBoreMm: 105.06, limit },
    { tightestBoreMm: 105.01 },
  );
  expect(found?.correctedMm).toBeCloseTo(0.45 - Math.PI * 0.05, 9);
  expect(found?.verdict).toBe('file');
});

it('a gap printed by the bore is the least, and its tolerance more the greatest', () => {
  const byBore = { perBoreMm: 0.004, toleranceMm: 0.2 };
  expect(gapOf({ measuredMm: 0.42, limit: byBore })).toMatchObject({
    verdict: 'within',
    lowMm: expect.closeTo(0.42, 9),
    highMm: expect.closeTo(0.62, 9),
  });
  expect(gapOf({ measuredMm: 0.41, limit: byBore })?.verdict).toBe('file');
});

it('without a limit nothing is said, and one that is out puts the set out', () => {
  expect(gapOf({ measuredMm: 0.4 })?.verdict).toBe('no-limit');
  const rings = [
    { id: 'a', measuredMm: 0.4, limit },
    { id: 'b', measuredMm: 0.7, limit },
  ];
  expect(ringGap({ rings, boreMm: 105, fileable: true }).overall).toBe('out');
});

it('thou and millimetres agree', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 40 }), (thou) => {
      const mm = thou * MM_PER.thou;
      const inThou = { lowMm: 14 * MM_PER.thou, highMm: 24 * MM_PER.thou };
      const expected = thou < 14 ? 'file' : thou > 24 ? 'reject' : 'within';
      expect(gapOf({ measuredMm: mm, limit: inThou })?.verdict).toBe(expected);
    }),
  );
});

it('whatever is filed between least and most comes within', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 34 }),
      fc.integer({ min: 0, max: 100 }),
      (hundredths, share) => {
        const measuredMm = hundredths / 100;
        const { leastOffMm = 0, mostOffMm = 0 } = gapOf({ measuredMm, limit }) ?? {};
        const filed = measuredMm + leastOffMm + ((mostOffMm - leastOffMm) * share) / 100;
        expect(gapOf({ measuredMm: filed, limit })?.verdict).toBe('within');
      },
    ),
  );
});

it.each([
  ['rings', { rings: [] }],
  ['boreMm', { boreMm: 0 }],
  ['tightestBoreMm', { tightestBoreMm: -1 }],
  ['rings[0].measuredMm', { rings: [{ id: 'a', measuredMm: -0.1 }] }],
  [
    'rings[0].limit.highMm',
    { rings: [{ id: 'a', measuredMm: 0.1, limit: { lowMm: 0.5, highMm: 0.2 } }] },
  ],
  [
    'rings[0].limit.perBoreMm',
    { rings: [{ id: 'a', measuredMm: 0.1, limit: { perBoreMm: 0, toleranceMm: 0.2 } }] },
  ],
])('%s is refused', (field, wrong) => {
  const input = { rings: [{ id: 'a', measuredMm: 0.4 }], boreMm: 105, fileable: true, ...wrong };
  expect(() => ringGap(input)).toThrow(expect.objectContaining({ field }));
});

it('with one ring that has no limit nothing is said of the whole: it was not held against one', () => {
  const limit = { lowMm: 0.3, highMm: 0.6 };
  const overall = (...limits: (typeof limit | undefined)[]) =>
    ringGap({
      rings: limits.map((entry, at) => ({
        id: `r${at}`,
        measuredMm: 0.4,
        ...(entry && { limit: entry }),
      })),
      boreMm: 100,
      fileable: true,
    }).overall;
  expect(overall(limit, limit)).toBe('within');
  expect(overall(limit, undefined)).toBe('no-limit');
  expect(overall(undefined, { lowMm: 0.5, highMm: 0.6 })).toBe('out');
});
