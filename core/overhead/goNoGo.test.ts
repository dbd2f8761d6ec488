import fc from 'fast-check';
import { goNoGo } from './goNoGo';

const leaves = [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.38, 0.43, 0.5];

describe('a pair of leaves for a gap', () => {
  it('is the leaf at the low limit and the one at the high limit, where there are such', () => {
    const pair = goNoGo({ leavesMm: leaves, lowMm: 0.38, highMm: 0.43 });
    expect([pair?.goMm.leavesMm, pair?.noGoMm.leavesMm]).toEqual([[0.38], [0.43]]);
  });

  it('is laid together of two where one is not there', () => {
    const pair = goNoGo({ leavesMm: leaves, lowMm: 0.4, highMm: 0.45 });
    expect([pair?.goMm.leavesMm, pair?.noGoMm.leavesMm]).toEqual([
      [0.25, 0.15],
      [0.25, 0.2],
    ]);
  });

  it('is none where the set has nothing finer than the limits are apart', () => {
    expect(goNoGo({ leavesMm: [0.1, 0.5], lowMm: 0.3, highMm: 0.4 })).toBeNull();
    expect(goNoGo({ leavesMm: [], lowMm: 0.3, highMm: 0.4 })).toBeNull();
  });

  it('never leaves a gap outside its limits: what goes by the one and not by the other is within', () => {
    const sets = fc.uniqueArray(fc.integer({ min: 2, max: 60 }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(
        sets,
        fc.integer({ min: 5, max: 80 }),
        fc.integer({ min: 1, max: 20 }),
        (set, low, wide) => {
          const [lowMm, highMm] = [low / 100, (low + wide) / 100];
          const pair = goNoGo({ leavesMm: set.map((leaf) => leaf / 100), lowMm, highMm });
          if (!pair) return;
          expect(pair.goMm.totalMm).toBeGreaterThanOrEqual(lowMm - 1e-9);
          expect(pair.noGoMm.totalMm).toBeLessThanOrEqual(highMm + 1e-9);
          expect(pair.goMm.totalMm).toBeLessThan(pair.noGoMm.totalMm);
        },
      ),
    );
  });
});
