import fc from 'fast-check';
import { matchMass, type Piece } from './matchMass';

const pieces = (...grams: number[]): Piece[] =>
  grams.map((weight, at) => ({ id: String(at + 1), grams: weight }));

it('the spread is within up to its limit, and tells the heaviest and what it has too much', () => {
  expect(matchMass({ pieces: pieces(900, 908, 904), limitGrams: 8 })).toMatchObject({
    spreadGrams: 8,
    verdict: 'within',
    excessGrams: 0,
  });
  expect(matchMass({ pieces: pieces(900, 911, 904), limitGrams: 8 })).toMatchObject({
    verdict: 'over',
    heaviest: '2',
    lightest: '1',
    excessGrams: 3,
  });
  expect(matchMass({ pieces: pieces(900, 950) }).verdict).toBe('no-limit');
});

it('opposed pistons are paired by mass, and the verdict is on the pairs', () => {
  const found = matchMass({ pieces: pieces(900, 950, 902, 951), limitGrams: 5, pairs: true });
  expect(found.pairs?.map(({ ids }) => ids)).toEqual([
    ['1', '3'],
    ['2', '4'],
  ]);
  expect(found).toMatchObject({ spreadGrams: 51, largestDifferenceGrams: 2, verdict: 'within' });
});

/** Every way to pair an even number of masses. */
function pairings(grams: readonly number[]): (readonly [number, number])[][] {
  const [first, ...rest] = grams;
  if (first === undefined) return [[]];
  return rest.flatMap((other, at) =>
    pairings([...rest.slice(0, at), ...rest.slice(at + 1)]).map((more) => [
      [first, other] as const,
      ...more,
    ]),
  );
}

it('against every pairing: none has a smaller largest difference, or the same and a smaller sum', () => {
  const even = fc
    .array(fc.integer({ min: 800, max: 830 }), { minLength: 2, maxLength: 8 })
    .map((grams) => (grams.length % 2 === 0 ? grams : grams.slice(1)));
  fc.assert(
    fc.property(even, (grams) => {
      const { pairs = [] } = matchMass({ pieces: pieces(...grams), pairs: true });
      const worth = (differences: readonly number[]): readonly [number, number] => [
        Math.max(...differences),
        differences.reduce((sum, difference) => sum + difference, 0),
      ];
      const own = worth(pairs.map(({ differenceGrams }) => differenceGrams));
      const better = pairings(grams)
        .map((pairing) => worth(pairing.map(([a, b]) => Math.abs(a - b))))
        .find(([largest, sum]) => largest < own[0] || (largest === own[0] && sum < own[1]));
      expect(better).toBeUndefined();
      expect(new Set(pairs.flatMap(({ ids }) => ids)).size).toBe(grams.length);
    }),
    { numRuns: 1500 },
  );
});

it.each([
  ['pieces', { pieces: [] }],
  ['pieces[1].id', { pieces: [...pieces(900), ...pieces(901)] }],
  ['pieces[0].grams', { pieces: pieces(0) }],
  ['limitGrams', { pieces: pieces(900), limitGrams: -1 }],
  ['pieces', { pieces: pieces(900, 901, 902), pairs: true }],
])('%s is refused', (field, wrong) => {
  expect(() => matchMass(wrong)).toThrow(expect.objectContaining({ field }));
});
