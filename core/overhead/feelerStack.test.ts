import fc from 'fast-check';
import { inMillionths } from '../quantity/withinLimits';
import { feelerStack, type FeelerStackInput } from './feelerStack';

const base: FeelerStackInput = {
  leavesMm: [0.05, 0.1, 0.15, 0.2, 0.3],
  targetMm: 0.35,
  maxLeaves: 3,
  toleranceMm: 0.01,
};

describe('stacking leaves', () => {
  it('prefers the fewest leaves, then the thickest thinnest leaf', () => {
    expect(feelerStack(base).stacks.map((s) => s.leavesMm)).toEqual([
      [0.2, 0.15],
      [0.3, 0.05],
      [0.2, 0.1, 0.05],
    ]);
  });

  it('takes the leaf itself where there is one', () => {
    const { stacks } = feelerStack({ ...base, targetMm: 0.3 });
    expect(stacks[0]).toEqual({ leavesMm: [0.3], totalMm: 0.3, errorMm: 0 });
  });

  it('gives the nearest pair whatever the tolerance', () => {
    const { stacks, nearestBelow, nearestAbove } = feelerStack({
      ...base,
      targetMm: 0.33,
      toleranceMm: 0,
    });
    expect(stacks).toEqual([]);
    expect(nearestBelow).toEqual({ leavesMm: [0.3], totalMm: 0.3, errorMm: -0.03 });
    expect(nearestAbove).toEqual({ leavesMm: [0.2, 0.15], totalMm: 0.35, errorMm: 0.02 });
  });

  it('has nothing below the thinnest leaf and nothing above all of them', () => {
    expect(feelerStack({ ...base, targetMm: 0.02 }).nearestBelow).toBeNull();
    expect(feelerStack({ ...base, targetMm: 5 }).nearestAbove).toBeNull();
  });

  it('uses a leaf once, and the same thickness twice only where there are two', () => {
    const one = feelerStack({ ...base, leavesMm: [0.1, 0.3], targetMm: 0.2, toleranceMm: 0 });
    expect(one.stacks).toEqual([]);
    const two = feelerStack({ ...base, leavesMm: [0.1, 0.1, 0.3], targetMm: 0.2, toleranceMm: 0 });
    expect(two.stacks.map((s) => s.leavesMm)).toEqual([[0.1, 0.1]]);
  });

  it('counts the tolerance itself as within, in thou as in millimetres', () => {
    const thou = [2, 3, 4, 10].map((t) => t * 0.0254);
    const { stacks } = feelerStack({
      leavesMm: thou,
      targetMm: 14.5 * 0.0254,
      maxLeaves: 2,
      toleranceMm: 0.5 * 0.0254,
    });
    expect(stacks.map((s) => inMillionths(s.totalMm))).toEqual([inMillionths(14 * 0.0254)]);
  });

  it('agrees with looking at every subset, best first', () => {
    const leaf = fc.integer({ min: 3, max: 40 }).map((n) => n / 100);
    fc.assert(
      fc.property(
        fc.array(leaf, { minLength: 1, maxLength: 9 }),
        fc.integer({ min: 5, max: 90 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 4 }),
        (leavesMm, target, maxLeaves, tolerance) => {
          const targetMm = target / 100;
          const toleranceMm = tolerance / 100;
          const { stacks } = feelerStack({ leavesMm, targetMm, maxLeaves, toleranceMm });
          const all = new Set<string>();
          for (let bits = 1; bits < 1 << leavesMm.length; bits += 1) {
            const some = leavesMm.filter((_, at) => bits & (1 << at)).sort((a, b) => b - a);
            const off = Math.abs(some.reduce((sum, mm) => sum + mm, 0) - targetMm);
            if (some.length <= maxLeaves && inMillionths(off) <= inMillionths(toleranceMm))
              all.add(some.join('+'));
          }
          expect(stacks).toHaveLength(Math.min(all.size, 10));
          for (const stack of stacks) expect(all).toContain(stack.leavesMm.join('+'));
          const errors = stacks.map((s) => Math.round(Math.abs(s.errorMm) * 1e4));
          expect(errors).toEqual([...errors].sort((a, b) => a - b));
          const best = Math.min(
            ...[...all].map((s) =>
              Math.round(
                Math.abs(s.split('+').reduce((t, mm) => t + Number(mm), 0) - targetMm) * 1e4,
              ),
            ),
          );
          if (stacks.length > 0) expect(errors[0]).toBe(best);
        },
      ),
    );
  });

  it('refuses what is no leaf and no stack', () => {
    expect(() => feelerStack({ ...base, leavesMm: [] })).toThrow('leavesMm');
    expect(() => feelerStack({ ...base, leavesMm: [0.1, 0] })).toThrow('leavesMm[1]');
    expect(() => feelerStack({ ...base, maxLeaves: 5 })).toThrow('maxLeaves');
    expect(() => feelerStack({ ...base, maxLeaves: 1.5 })).toThrow('maxLeaves');
    expect(() => feelerStack({ ...base, toleranceMm: -0.01 })).toThrow('toleranceMm');
  });
});
