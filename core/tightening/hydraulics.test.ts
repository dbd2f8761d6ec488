import fc from 'fast-check';
import { nutTravel } from './nutTravel';
import { tensioner } from './tensioner';

const jack = {
  pressureBar: 1000,
  areaMm2: 1600,
  studMm: 36,
  stretchLengthMm: 600,
  modulusGpa: 205,
  pitchMm: 3,
  transferLoss: 0.1,
} as const;

describe('a jack on a stud', () => {
  it('a worked stud', () => {
    const found = tensioner({ ...jack, holesPerTurn: 6, yieldMpa: 700 });
    expect(found.jackLoadKn).toBeCloseTo(160, 9);
    expect(found.loadLeftKn).toBeCloseTo(144, 9);
    // 160 kN over 1017.876 mm²
    expect(found.stressMpa).toBeCloseTo(157.19, 2);
    expect(found.stretchMm).toBeCloseTo(0.46, 3);
    expect(found.nutTurnDeg).toBeCloseTo(55.2, 1);
    expect(found.holes).toBeCloseTo(0.92, 2);
    expect(found.shareOfYield).toBeCloseTo(0.2246, 3);
    expect(found.checkBar).toBe(1000);
  });

  it('half the pressure does half of everything, and loses its share', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (pressureBar, transferLoss) => {
          const { stages } = tensioner({ ...jack, pressureBar, transferLoss });
          const [half, full] = stages;
          expect(half.bar * 2).toBeCloseTo(full.bar, 9);
          expect(half.jackLoadKn * 2).toBeCloseTo(full.jackLoadKn, 9);
          expect(half.nutTurnDeg * 2).toBeCloseTo(full.nutTurnDeg, 9);
          expect(full.loadLeftKn).toBeCloseTo(full.jackLoadKn * (1 - transferLoss), 9);
        },
      ),
    );
  });

  it('says nothing of holes or yield that it was not told of', () => {
    const found = tensioner(jack);
    expect(found).not.toHaveProperty('holes');
    expect(found).not.toHaveProperty('shareOfYield');
  });

  it('cannot lose all of its load', () => {
    expect(() => tensioner({ ...jack, transferLoss: 1 })).toThrow('transferLoss');
  });
});

describe('how far the nuts went', () => {
  const travel = (holes: readonly number[], toleranceHoles = 0.5, expectedHoles?: number) =>
    nutTravel({
      nuts: holes.map((went, at) => ({ id: String(at + 1), holes: went })),
      toleranceHoles,
      ...(expectedHoles !== undefined && { expectedHoles }),
    });
  const odd = (holes: readonly number[], tolerance?: number) =>
    travel(holes, tolerance)
      .nuts.filter(({ verdict }) => verdict === 'odd')
      .map(({ id }) => id);

  it('the odd one is called out against the middle one, at the limit it is not', () => {
    expect(odd([2, 2, 3, 2])).toEqual(['3']);
    expect(odd([2, 2, 2.5, 2])).toEqual([]);
    expect(odd([2, 2, 1.49, 2])).toEqual(['3']);
  });

  it('one nut gone wild does not make its fellows odd', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 3, max: 12 }),
        (wild, count) => {
          const holes = [wild, ...Array.from({ length: count - 1 }, () => 3)];
          expect(odd(holes, 0.5)).toEqual(Math.abs(wild - 3) > 0.5 ? ['1'] : []);
        },
      ),
    );
  });

  it('of two it cannot be told which is odd', () => {
    expect(travel([2, 5]).findings).toEqual(['too-few']);
    expect(travel([2, 5]).nuts.every(({ verdict }) => verdict === 'not-judged')).toBe(true);
  });

  it('all alike and all wrong is said as well', () => {
    expect(travel([1, 1, 1, 1], 0.5, 2).findings).toEqual(['alike', 'all-off']);
    expect(travel([1.5, 1.5, 1.5, 1.5], 0.5, 2).findings).toEqual(['alike']);
    expect(travel([1, 1, 3, 1], 0.5, 2).findings).toEqual(['odd', 'all-off']);
  });

  it('the middle of an even number lies between two', () => {
    expect(travel([1, 2, 3, 4]).medianHoles).toBe(2.5);
    expect(travel([4, 1, 3]).medianHoles).toBe(3);
  });

  it('a nut named twice is refused', () => {
    const nuts = [
      { id: '1', holes: 1 },
      { id: '1', holes: 2 },
    ];
    expect(() => nutTravel({ nuts, toleranceHoles: 1 })).toThrow('nuts[1].id');
  });
});
