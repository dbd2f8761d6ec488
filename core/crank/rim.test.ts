import fc from 'fast-check';
import { rim } from './rim';

describe('an angle on the rim', () => {
  it('of a quarter turn is a quarter of the rim and of the teeth', () => {
    const quarter = rim({ deg: 90, rimDiaMm: 400, teethTotal: 132 });
    expect(quarter.mm).toBeCloseTo(100 * Math.PI, 10);
    expect(quarter.teeth).toBeCloseTo(33, 12);
  });

  it('gives only what is known', () => {
    expect(rim({ deg: 10 })).toEqual({ deg: 10 });
    expect(rim({ teeth: 11, teethTotal: 132 }).deg).toBeCloseTo(30, 12);
    expect(Object.keys(rim({ teeth: 11, teethTotal: 132 }))).toEqual(['deg', 'teeth']);
    expect(Object.keys(rim({ mm: 5, rimDiaMm: 300 }))).toEqual(['deg', 'mm']);
  });

  it('comes back the same by every way', () => {
    const size = { rimDiaMm: 412.5, teethTotal: 117 };
    fc.assert(
      fc.property(fc.double({ min: -720, max: 720, noNaN: true }), (deg) => {
        const { mm, teeth } = rim({ deg, ...size });
        expect(rim({ mm: mm ?? NaN, ...size }).deg).toBeCloseTo(deg, 9);
        expect(rim({ teeth: teeth ?? NaN, ...size }).deg).toBeCloseTo(deg, 9);
      }),
    );
  });

  it.each([
    [{}, 'deg'],
    [{ deg: 1, mm: 2, rimDiaMm: 3 }, 'mm'],
    [{ mm: 5 }, 'rimDiaMm'],
    [{ teeth: 5 }, 'teethTotal'],
    [{ teeth: 5, teethTotal: 10.5 }, 'teethTotal'],
    [{ deg: 5, rimDiaMm: 0 }, 'rimDiaMm'],
    [{ deg: Infinity }, 'deg'],
  ])('refuses %j at its field', (input, field) => {
    expect(() => rim(input)).toThrow(field);
  });
});
