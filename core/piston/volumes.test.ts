import fc from 'fast-check';
import { compression } from './compression';
import { HOTTEST_C, pinHeat } from './pinHeat';

describe('compression', () => {
  const engine = {
    boreMm: 100,
    strokeMm: 100,
    chamberCc: 10,
    bowlCc: 30,
    gasketBoreMm: 102,
    gasketMm: 1.2,
    standOutMm: 0.5,
  };

  it('by hand: 785.4 swept over 45.88 left', () => {
    const left = 10 + 30 + (Math.PI / 4) * (102 * 102 * 1.2 - 100 * 100 * 0.5) * 1e-3;
    const swept = (Math.PI / 4) * 1000;
    const found = compression(engine);
    expect(found.ratio).toBeCloseTo((swept + left) / left, 9);
    expect([found.sweptCc, found.clearanceCc]).toEqual([
      expect.closeTo(swept, 9),
      expect.closeTo(left, 9),
    ]);
  });

  it('a thicker gasket lowers it by what it says', () => {
    const thicker = compression({ ...engine, gasketMm: 1.3 });
    const { ratio, changePerTenthMm } = compression(engine);
    expect(changePerTenthMm).toBeLessThan(0);
    expect(thicker.ratio).toBeCloseTo(ratio + changePerTenthMm, 9);
  });

  it('a dome raises it and a relief lowers it', () => {
    const { ratio } = compression(engine);
    expect(compression({ ...engine, bowlCc: -2 }).ratio).toBeGreaterThan(ratio);
    expect(compression({ ...engine, valveReliefCc: 4 }).ratio).toBeLessThan(ratio);
  });

  it.each([
    ['standOutMm', { chamberCc: 0, bowlCc: 0, gasketMm: 0.3 }],
    ['boreMm', { boreMm: 0 }],
    ['chamberCc', { chamberCc: -1 }],
    ['gasketMm', { gasketMm: -0.1 }],
  ])('%s is refused', (field, wrong) => {
    expect(() => compression({ ...engine, ...wrong })).toThrow(expect.objectContaining({ field }));
  });
});

describe('the heat a pin needs', () => {
  const pressed = {
    interferenceMm: 0.03,
    wantedClearanceMm: 0.03,
    diaMm: 30,
    alphaPerK: 1.2e-5,
    ambientTempC: 20,
  };

  it('by hand: 0.06 over 30 x 0.000012 is 166.7 K', () => {
    expect(pinHeat(pressed).tempC).toBeCloseTo(20 + 0.06 / (30 * 1.2e-5), 9);
    expect(pinHeat(pressed).verdict).toBe('no-limit');
  });

  it('held against what the part may be warmed to, and the clearance there would be then', () => {
    const found = pinHeat({ ...pressed, maxTempC: 150 });
    expect(found.verdict).toBe('over');
    expect(found.clearanceAtMaxMm).toBeCloseTo(130 * 30 * 1.2e-5 - 0.03, 9);
  });

  it('warmed as it says, the room is what was wanted', () => {
    const figures = fc.record({
      interferenceMm: fc.double({ min: 0, max: 0.1, noNaN: true }),
      wantedClearanceMm: fc.double({ min: 0, max: 0.1, noNaN: true }),
      diaMm: fc.double({ min: 10, max: 120, noNaN: true }),
      alphaPerK: fc.double({ min: 1e-6, max: 5e-5, noNaN: true }),
      ambientTempC: fc.double({ min: -20, max: 40, noNaN: true }),
    });
    fc.assert(
      fc.property(figures, (input) => {
        const { tempC } = pinHeat(input);
        fc.pre(tempC <= HOTTEST_C);
        const again = pinHeat({ ...input, maxTempC: tempC });
        expect(again.verdict).toBe('within');
        expect(again.clearanceAtMaxMm).toBeCloseTo(input.wantedClearanceMm, 9);
      }),
    );
  });

  it.each([
    ['alphaPerK', { alphaPerK: 1e-4 }],
    ['diaMm', { diaMm: 0 }],
    ['ambientTempC', { ambientTempC: -300 }],
    ['interferenceMm', { interferenceMm: -0.01 }],
  ])('%s is refused', (field, wrong) => {
    expect(() => pinHeat({ ...pressed, ...wrong })).toThrow(expect.objectContaining({ field }));
  });
});
