import { seeded } from './seeded';

const drawn = (seed: number, count = 10_000) => {
  const { even, normal } = seeded(seed);
  return {
    evens: Array.from({ length: count }, even),
    normals: Array.from({ length: count }, normal),
  };
};
const meanOf = (values: readonly number[]) => values.reduce((sum, v) => sum + v, 0) / values.length;

it('is the same for the same seed, and another for the next', () => {
  expect(drawn(5, 20)).toEqual(drawn(5, 20));
  expect(drawn(5, 20)).not.toEqual(drawn(6, 20));
});

it.each([0, 1, 2, 99, 2 ** 31, -4])(
  'seed %s: even numbers are even, normal ones normal',
  (seed) => {
    const { evens, normals } = drawn(seed);
    expect(Math.min(...evens)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...evens)).toBeLessThan(1);
    expect(Math.abs(meanOf(evens) - 0.5)).toBeLessThan(0.015);
    expect(Math.abs(meanOf(normals))).toBeLessThan(0.04);
    expect(Math.abs(meanOf(normals.map((n) => n * n)) - 1)).toBeLessThan(0.06);
  },
);

it('one number says nothing of the next', () => {
  const { evens } = drawn(3);
  const product = meanOf(
    evens.slice(1).map((value, at) => (value - 0.5) * ((evens[at] ?? 0) - 0.5)),
  );
  expect(Math.abs(product)).toBeLessThan(0.003);
});
