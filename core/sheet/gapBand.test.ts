import fc from 'fast-check';
import { gapBand } from './gapBand';

describe('a band about a gap printed without one', () => {
  it.each([
    [{ value: 0.3, unit: 'mm' as const }, 0.27, 0.33],
    [{ value: 0.1, unit: 'mm' as const }, 0.08, 0.12],
    [{ value: 12, unit: 'thou' as const }, 11, 13],
    [{ value: 0.012, unit: 'in' as const }, 0.011, 0.013],
  ])('of %j', (figure, low, high) => {
    const band = gapBand(figure);
    expect([band.low.value, band.high.value]).toEqual([low, high]);
    expect([band.low.from, band.high.from]).toEqual(['assumed', 'assumed']);
  });

  it('holds the figure, is above zero, and says what it is worth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 300 }), (hundredths) => {
        const value = hundredths / 100;
        const { low, high } = gapBand({ value, unit: 'mm' });
        expect(low.value).toBeGreaterThan(0);
        expect(low.value).toBeLessThan(value);
        expect(high.value).toBeGreaterThan(value);
        expect(low.text).toBe(`${low.value} mm`);
      }),
    );
  });
});
