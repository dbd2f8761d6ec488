import fc from 'fast-check';
import { seeded } from '../quantity/seeded';
import { lashTrend } from './lashTrend';
import { studentWithin } from './trend/studentT';

const line = (gapAt: (hours: number) => number, ...hours: number[]) =>
  hours.map((each) => ({ hours: each, mm: gapAt(each) }));

it('a gap that closes evenly reaches its limit when the line does', () => {
  const found = lashTrend({
    readings: line((hours) => 0.4 - hours * 0.00005, 0, 1000, 2000),
    closesAtMm: 0.2,
  });
  expect(found).toMatchObject({
    code: 'closing',
    slopeMmPer1000h: expect.closeTo(-0.05, 9),
    slopeErrorMmPer1000h: expect.closeTo(0, 9),
    r2: expect.closeTo(1, 9),
    atHours: expect.closeTo(4000, 3),
  });
});

it('setting it again does not hide the wear', () => {
  // Worn 0.1 in each thousand hours, set back to 0.4 each time.
  const found = lashTrend({
    readings: [
      { hours: 0, mm: 0.4 },
      { hours: 1000, mm: 0.3, setMm: 0.4 },
      { hours: 2000, mm: 0.3, setMm: 0.4 },
      { hours: 3000, mm: 0.3, setMm: 0.4 },
    ],
    closesAtMm: 0.1,
  });
  expect(found).toMatchObject({
    code: 'closing',
    slopeMmPer1000h: expect.closeTo(-0.1, 9),
    atHours: expect.closeTo(6000, 3),
  });
});

it('a hand-worked line with scatter, its error and its band', () => {
  // x 0..4, y 40 38 35 34 30: slope -2.4, residual sum 1.6 on 3 degrees of freedom.
  const found = lashTrend({
    readings: [40, 38, 35, 34, 30].map((mm, at) => ({ hours: at * 1000, mm: mm / 100 })),
    closesAtMm: 0.2,
  });
  if (found.code !== 'closing') throw new Error(found.code);
  expect(found.slopeMmPer1000h).toBeCloseTo(-0.024, 9);
  expect(found.slopeErrorMmPer1000h).toBeCloseTo(Math.sqrt(1.6 / 3 / 10) / 100, 9);
  expect(found.r2).toBeCloseTo(1 - 1.6 / 59.2, 9);
  expect(found.atHours).toBeCloseTo(2000 + (15.4 / 2.4) * 1000, 3);
  // t(3) 2.3534: 5.4646 θ² - 73.92 θ + 236.57 = 0, in thousands from the mean.
  expect(found.lowHours / 1000).toBeCloseTo(7.197, 3);
  expect(found.highHours / 1000).toBeCloseTo(10.33, 3);
});

it.each([
  ['fewer-than-three', line(() => 0.3, 0, 100)],
  ['same-hours', line(() => 0.3, 100, 100, 100)],
  ['not-closing', line((hours) => 0.3 + hours / 1e5, 0, 100, 200)],
  ['not-closing', line(() => 0.3, 0, 100, 200)],
  ['slope-not-sure', [0.3, 0.35, 0.26, 0.31, 0.29].map((mm, at) => ({ hours: at * 500, mm }))],
  ['already-closed', line((hours) => 0.3 - hours / 1e4, 0, 1000, 2000)],
] as const)('%s', (code, readings) => {
  expect(lashTrend({ readings, closesAtMm: 0.1 }).code).toBe(code);
});

it.each([
  ['one reading', line(() => 0.1, 500)],
  ['readings of the same hours', line(() => 0.1, 100, 100, 100)],
  ['a gap that opens', line((hours) => 0.05 + hours / 1e5, 0, 100, 200)],
  [
    'readings that scatter',
    [0.3, 0.35, 0.26, 0.31, 0.09].map((mm, at) => ({ hours: at * 500, mm })),
  ],
])('a last gap at or below its limit is already closed before anything else: %s', (_, readings) => {
  expect(lashTrend({ readings, closesAtMm: 0.1 }).code).toBe('already-closed');
});

it('a gap found closed but left open again is told by its line', () => {
  const readings = [...line(() => 0.3, 0, 1000), { hours: 2000, mm: 0.1, setMm: 0.3 }];
  expect(lashTrend({ readings, closesAtMm: 0.1 }).code).not.toBe('already-closed');
});

it('the band holds the true hours about nine times in ten', () => {
  const { normal } = seeded(11);
  let held = 0;
  let count = 0;
  for (let trial = 0; trial < 400; trial += 1) {
    const readings = [0, 1000, 2000, 3000, 4000, 5000].map((hours) => ({
      hours,
      mm: 1 - hours * 0.0001 + 0.01 * normal(),
    }));
    const found = lashTrend({ readings, closesAtMm: 0.2 });
    if (found.code !== 'closing') continue;
    count += 1;
    if (found.lowHours <= 8000 && 8000 <= found.highHours) held += 1;
  }
  expect(count).toBe(400);
  expect(held / count).toBeGreaterThan(0.86);
  expect(held / count).toBeLessThan(0.94);
});

it('the hours at the limit lie within their band', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 100 }), { minLength: 3, maxLength: 8 }),
      (hundredths) => {
        const found = lashTrend({
          readings: hundredths.map((mm, at) => ({ hours: at * 700, mm: mm / 100 })),
          closesAtMm: 0.05,
        });
        if (!('atHours' in found)) return;
        expect(found.lowHours).toBeLessThanOrEqual(found.atHours + 1e-6);
        expect(found.highHours).toBeGreaterThanOrEqual(found.atHours - 1e-6);
      },
    ),
  );
});

it('Student’s t as the tables have it', () => {
  const table = [6.314, 2.92, 2.353, 2.132, 2.015, 1.943, 1.895, 1.86, 1.833, 1.812];
  table.forEach((t, at) => expect(studentWithin(0.9, at + 1)).toBeCloseTo(t, 3));
  expect(studentWithin(0.9, 200)).toBeCloseTo(1.653, 3);
});

it('names hours that fall', () => {
  const readings = line(() => 0.3, 0, 200, 100);
  expect(() => lashTrend({ readings, closesAtMm: 0.1 })).toThrow(
    'readings[2].hours: must-not-fall',
  );
});
