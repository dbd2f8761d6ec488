import fc from 'fast-check';
import { boreWear, type BoreWearInput } from './boreWear';
import { ringThickness } from './ringThickness';

const bore = (over: Partial<BoreWearInput> = {}): BoreWearInput => ({
  readingsMm: { top: [100.12, 100.08], middle: [100.05, 100.04], bottom: [100.02, 100.01] },
  nominalMm: 100,
  limits: { wearMm: 0.1, taperMm: 0.1, ovalityMm: 0.05 },
  oversizesMm: [0.5, 0.25],
  ...over,
});

describe('a bore', () => {
  it('worked by hand: worn 0.12, tapered 0.10 along one way, oval 0.04', () => {
    const found = boreWear(bore());
    expect(found.wearMm).toBeCloseTo(0.12, 9);
    expect(found.taperMm).toBeCloseTo(0.1, 9);
    expect(found.ovalityMm).toBeCloseTo(0.04, 9);
    expect(found).toMatchObject({
      wear: 'over',
      taper: 'within',
      ovality: 'within',
      overall: 'over',
      oversizeMm: 0.25,
      oneSidedOversizeMm: 0.25,
    });
  });

  it('counts the clean-up, and doubles the wear where it may lie on one side', () => {
    expect(boreWear(bore({ cleanUpMm: 0.13 }))).toMatchObject({
      oversizeMm: 0.25,
      oneSidedOversizeMm: 0.5,
    });
    expect(boreWear(bore({ cleanUpMm: 0.131 }))).toMatchObject({ oversizeMm: 0.5 });
    expect(boreWear(bore({ cleanUpMm: 0.4 }))).toMatchObject({ oneSidedOversizeMm: null });
    expect(boreWear(bore({ oversizesMm: [] }))).toMatchObject({ oversizeMm: null });
  });

  it('asks for no oversize while it is within, and says nothing where no limit was given', () => {
    expect(boreWear(bore({ limits: { wearMm: 0.12 } }))).not.toHaveProperty('oversizeMm');
    expect(boreWear(bore({ limits: { wearMm: 0.12 } }))).toMatchObject({
      wear: 'within',
      taper: 'no-limit',
      overall: 'within',
    });
    expect(boreWear(bore({ limits: {} })).overall).toBe('no-limit');
  });

  it('is the same whichever way round it is read', () => {
    const mm = fc.double({ min: 99.9, max: 100.5, noNaN: true });
    fc.assert(
      fc.property(mm, mm, mm, mm, mm, mm, (a, b, c, d, e, f) => {
        const one = boreWear(bore({ readingsMm: { top: [a, b], middle: [c, d], bottom: [e, f] } }));
        const other = boreWear(
          bore({ readingsMm: { top: [f, e], middle: [d, c], bottom: [b, a] } }),
        );
        expect(other).toEqual(one);
        expect(one.taperMm).toBeGreaterThanOrEqual(0);
        if (one.oversizeMm !== undefined && one.oversizeMm !== null) {
          expect(one.oversizeMm).toBeGreaterThanOrEqual(one.wearMm - 1e-6);
          expect(one.oneSidedOversizeMm ?? Infinity).toBeGreaterThanOrEqual(one.oversizeMm);
        }
      }),
    );
  });

  it.each<[Partial<BoreWearInput>, string]>([
    [{ nominalMm: 0 }, 'nominalMm: must-be-positive'],
    [
      { readingsMm: { top: [1, 1], middle: [1, -1], bottom: [1, 1] } },
      'readingsMm.middle[1]: must-be-positive',
    ],
    [{ limits: { taperMm: -0.1 } }, 'limits.taperMm: must-not-be-negative'],
    [{ oversizesMm: [0.25, 0.25] }, 'oversizesMm[1].id: repeated'],
    [{ cleanUpMm: NaN }, 'cleanUpMm: not-a-number'],
  ])('names what cannot be: %j', (over, fault) => {
    expect(() => boreWear(bore(over))).toThrow(fault);
  });
});

describe('a sealing ring', () => {
  it('is judged at its thinnest place and by its spread, limits inclusive', () => {
    const found = ringThickness({
      readingsMm: [4.93, 4.9, 4.92, 4.91],
      newMm: 5,
      limits: { minMm: 4.9, spreadMm: 0.03 },
    });
    expect(found).toMatchObject({ leastMm: 4.9, thickness: 'within', spread: 'within' });
    expect(found.spreadMm).toBeCloseTo(0.03, 9);
    expect(found.lostMm).toBeCloseTo(0.1, 9);
  });

  it('says nothing of a spread without a limit', () => {
    const readingsMm = [4.9, 4.7, 4.9, 4.9];
    expect(ringThickness({ readingsMm, limits: { minMm: 4.8 } })).toMatchObject({
      thickness: 'under',
      spread: 'no-limit',
    });
  });

  it('is read at four places', () => {
    expect(() => ringThickness({ readingsMm: [4.9, 4.9, 4.9], limits: { minMm: 4.8 } })).toThrow(
      'readingsMm: so-many',
    );
  });
});
