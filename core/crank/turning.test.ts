import fc from 'fast-check';
import { deadCentre } from './deadCentre';
import { pistonTravel } from './pistonTravel';

describe('top dead centre by a stop', () => {
  it.each([
    [340, 24, 2, -2],
    [24, 340, 2, -2],
    [10, 30, 20, -20],
    [350, 352, 351, 9],
    [100, 260 - 1, 179.5, -179.5],
    [170, 190, 180, 180],
    [90, 271, 0.5, -0.5],
  ])(
    'stopped at %d and %d it reads %d at the top',
    (stopForwardDeg, stopBackDeg, tdc, correction) => {
      expect(deadCentre({ stopForwardDeg, stopBackDeg })).toEqual({
        tdcDeg: expect.closeTo(tdc, 9),
        correctionDeg: expect.closeTo(correction, 9),
      });
    },
  );

  it('the correction brings the wheel to nothing at the top, whichever way it was set on', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.integer({ min: 1, max: 89 }),
        (top, half) => {
          const found = deadCentre({ stopForwardDeg: top - half, stopBackDeg: top + half });
          expect(found.tdcDeg).toBe(top);
          expect((found.tdcDeg + found.correctionDeg) % 360).toBe(0);
          expect(found.correctionDeg).toBeGreaterThan(-180);
          expect(found.correctionDeg).toBeLessThanOrEqual(180);
        },
      ),
    );
  });

  it('refuses one reading twice, and two half a turn apart', () => {
    expect(() => deadCentre({ stopForwardDeg: 5, stopBackDeg: 365 })).toThrow('stops-alike');
    expect(() => deadCentre({ stopForwardDeg: 5, stopBackDeg: 185 })).toThrow('stops-opposite');
  });
});

describe('how far a piston stands below its top', () => {
  const engine = { strokeMm: 100, rodMm: 200 };
  it.each([
    [0, 0],
    [90, 250 - Math.sqrt(200 ** 2 - 50 ** 2)],
    [180, 100],
    [360, 0],
  ])('at %d° by %d mm', (crankDeg, mm) => {
    expect(pistonTravel({ ...engine, crankDeg }).belowTopMm).toBeCloseTo(mm, 9);
  });

  it('is the same either side of top without an offset, and least at top with one', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 180, noNaN: true }),
        fc.double({ min: -20, max: 20, noNaN: true }),
        (crankDeg, offsetMm) => {
          const at = (deg: number, offset = 0) =>
            pistonTravel({ ...engine, crankDeg: deg, offsetMm: offset }).belowTopMm;
          expect(at(crankDeg)).toBeCloseTo(at(-crankDeg), 9);
          expect(at(0, offsetMm)).toBeCloseTo(0, 9);
          expect(at(crankDeg, offsetMm)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  it('refuses a rod that could not pass', () => {
    expect(() => pistonTravel({ crankDeg: 0, strokeMm: 100, rodMm: 55, offsetMm: -5 })).toThrow(
      'rodMm: rod-too-short',
    );
  });
});
