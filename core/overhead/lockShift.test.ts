import fc from 'fast-check';
import { lockShift } from './lockShift';

const limits = { lowMm: 0.3, highMm: 0.4, aimMm: 0.35 };

it('what locking opened is left out beforehand', () => {
  expect(lockShift({ ...limits, shiftsMm: [0.02, 0.03, 0.02] })).toEqual({
    shiftMm: 0.02,
    from: 3,
    setToMm: expect.closeTo(0.33, 9),
  });
  expect(lockShift({ ...limits, shiftsMm: [-0.02, -0.02] })?.setToMm).toBeCloseTo(0.37, 9);
});

it('is not learnt from one alone, nor from what no leaf could tell', () => {
  expect(lockShift({ ...limits, shiftsMm: [0.05] })).toBeNull();
  expect(lockShift({ ...limits, shiftsMm: [0.004, 0.004, 0.01] })).toBeNull();
});

it('one that slipped does not spoil it', () => {
  expect(lockShift({ ...limits, shiftsMm: [0.02, 0.02, 0.3] })?.shiftMm).toBe(0.02);
});

it('never asks for a gap beyond the limits', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 2, maxLength: 8 }),
      (shiftsMm) => {
        const found = lockShift({ ...limits, shiftsMm });
        if (!found) return;
        expect(found.setToMm).toBeGreaterThanOrEqual(limits.lowMm);
        expect(found.setToMm).toBeLessThanOrEqual(limits.highMm);
      },
    ),
  );
});
