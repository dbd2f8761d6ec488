import fc from 'fast-check';
import { farFromFellows } from './farFromFellows';

describe('a reading far from its fellows', () => {
  it('is a decimal mark in the wrong place, and not a liner a little high', () => {
    const fellows = [0.09, 0.08, 0.1, 0.07];
    expect(farFromFellows(0.9, fellows, 0.1)).toBe(true);
    expect(farFromFellows(0.15, fellows, 0.1)).toBe(false);
  });

  it('is nothing one can say of fewer than three', () => {
    expect(farFromFellows(9, [0.1, 0.1], 0.1)).toBe(false);
  });

  it('may lie as far as the floor, whatever its fellows agree on', () => {
    expect(farFromFellows(10.1, [10, 10, 10], 0.1)).toBe(false);
    expect(farFromFellows(10.11, [10, 10, 10], 0.1)).toBe(true);
  });

  it('is never one among readings that scatter as much', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 3, maxLength: 30 }),
        (fellows) => {
          const middle = [...fellows].sort((a, b) => a - b)[Math.floor(fellows.length / 2)] ?? 0;
          expect(farFromFellows(middle, fellows, 0.001 + 2)).toBe(false);
        },
      ),
    );
  });
});
