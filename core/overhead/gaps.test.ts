import fc from 'fast-check';
import { lashVerdict } from './lashVerdict';
import { screwTurn, type ScrewTurnInput } from './screwTurn';

describe('the adjusting screw', () => {
  const base: ScrewTurnInput = {
    measuredMm: 0.45,
    targetMm: 0.3,
    pitchMm: 1,
    rockerRatio: 1.5,
    screwAt: 'pushrod',
  };

  it('turns a tenth of a turn in for 0.15 mm at the push rod of a 1.5 rocker', () => {
    const turn = screwTurn(base);
    expect(turn.turns).toBeCloseTo(0.1, 12);
    expect(turn.deg).toBeCloseTo(36, 10);
    expect(turn.direction).toBe('in');
  });

  it('needs more at the valve and less at a pivot nut', () => {
    expect(screwTurn({ ...base, screwAt: 'valve' }).turns).toBeCloseTo(0.15, 12);
    expect(screwTurn({ ...base, screwAt: 'pivot' }).turns).toBeCloseTo(0.06, 12);
  });

  it('turns the other way for a tight gap, and for gear that closes outwards', () => {
    expect(screwTurn({ ...base, measuredMm: 0.2 }).direction).toBe('out');
    expect(screwTurn({ ...base, inCloses: false }).direction).toBe('out');
    expect(screwTurn({ ...base, measuredMm: 0.2, inCloses: false }).direction).toBe('in');
    expect(screwTurn({ ...base, measuredMm: 0.3 })).toEqual({
      turns: 0,
      deg: 0,
      direction: 'none',
    });
  });

  it('brings the gap to its target wherever the screw sits', () => {
    const gap = fc.double({ min: 0, max: 2, noNaN: true });
    fc.assert(
      fc.property(
        gap,
        gap,
        fc.constantFrom('pushrod' as const, 'valve' as const, 'pivot' as const),
        (measuredMm, targetMm, screwAt) => {
          const { turns, direction } = screwTurn({ ...base, measuredMm, targetMm, screwAt });
          const leverage = { pushrod: 1.5, valve: 1, pivot: 2.5 }[screwAt];
          const change = turns * base.pitchMm * leverage * (direction === 'in' ? -1 : 1);
          expect(
            Math.abs(measuredMm + (direction === 'none' ? 0 : change) - targetMm),
          ).toBeLessThan(1e-6);
        },
      ),
    );
  });

  it('refuses a pitch or ratio that cannot be', () => {
    expect(() => screwTurn({ ...base, pitchMm: 0 })).toThrow('pitchMm');
    expect(() => screwTurn({ ...base, rockerRatio: -1 })).toThrow('rockerRatio');
  });
});

describe('the verdict on a gap', () => {
  const limits = { lowMm: 0.3, highMm: 0.35 };

  it('judges each reading against inclusive limits', () => {
    expect(lashVerdict({ ...limits, foundMm: 0.36, setMm: 0.35, lockedMm: 0.29 })).toMatchObject({
      found: 'loose',
      set: 'within',
      locked: 'tight',
    });
  });

  it('lets the last reading in the order of the work count', () => {
    expect(lashVerdict({ ...limits, foundMm: 0.5 }).counts).toEqual({
      reading: 'found',
      mm: 0.5,
      verdict: 'loose',
    });
    expect(lashVerdict({ ...limits, foundMm: 0.5, setMm: 0.3 }).counts?.reading).toBe('set');
    expect(lashVerdict({ ...limits, setMm: 0.3, lockedMm: 0.33 }).counts?.reading).toBe('locked');
    expect(
      lashVerdict({ ...limits, lockedMm: 0.33, hotMm: 0.3, hotLowMm: 0.28, hotHighMm: 0.33 })
        .counts,
    ).toEqual({
      reading: 'hot',
      mm: 0.3,
      verdict: 'within',
    });
    expect(lashVerdict(limits).counts).toBeUndefined();
  });

  it('says how far locking moved it', () => {
    expect(lashVerdict({ ...limits, setMm: 0.32, lockedMm: 0.35 }).shiftMm).toBeCloseTo(0.03, 12);
  });

  it('never judges a hot reading by a cold limit', () => {
    expect(lashVerdict({ ...limits, hotMm: 0.32 }).hot).toBe('no-limit');
  });

  it('refuses limits upside down or halved', () => {
    expect(() => lashVerdict({ lowMm: 0.4, highMm: 0.3 })).toThrow('highMm');
    expect(() => lashVerdict({ ...limits, hotLowMm: 0.2 })).toThrow('hotHighMm');
  });
});
