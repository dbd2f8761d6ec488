import fc from 'fast-check';
import { coverCrank } from './coverCrank';

const fired = (...degs: number[]) => degs.map((atDeg, at) => ({ cylinder: at + 1, atDeg }));
const four = fired(0, 540, 180, 360);

it('brings the named cylinder to its top, cylinder 1 where none is named', () => {
  expect(coverCrank('its-rod-at-top', four, 2)).toMatchObject({ atDeg: 180, cylinder: 2 });
  expect(coverCrank('cylinder-at-firing-top', four, null)).toMatchObject({ atDeg: 0, cylinder: 1 });
});

it.each([
  ['four in line', four, 90, 90],
  ['five', fired(0, 144, 288, 432, 576), 36, 36],
  ['one alone', fired(0), 180, 180],
  ['two side by side', fired(0, 360), 180, 180],
  ['an uneven pair', fired(0, 270), 135, 135],
])('%s: off their tops as far as they can be together', (_, firing, atDeg, fromTopDeg) => {
  expect(coverCrank('pistons-off-top', firing, null)).toEqual({
    atDeg,
    cylinder: null,
    fromTopDeg,
  });
});

it('no other stand leaves the pistons further from their tops', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 719 }), { minLength: 1, maxLength: 12 }),
      (degs) => {
        const found = coverCrank('pistons-off-top', fired(...degs), null);
        const from = (deg: number): number =>
          Math.min(
            ...degs.map((top) => Math.min((deg - top + 1440) % 360, (top - deg + 1440) % 360)),
          );
        for (let deg = 0; deg < 360; deg += 0.5)
          expect(from(deg)).toBeLessThanOrEqual((found?.fromTopDeg ?? 0) + 1e-6);
      },
    ),
    { numRuns: 60 },
  );
});

it('anywhere is anywhere, and without a firing order nothing is said', () => {
  expect(coverCrank('anywhere', four, 1)).toBeNull();
  expect(coverCrank('pistons-off-top', [], null)).toBeNull();
});
