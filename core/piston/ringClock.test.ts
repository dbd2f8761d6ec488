import fc from 'fast-check';
import { ringClock, type ClockRing, type RingClockInput } from './ringClock';

const ring = (id: string): ClockRing => ({ id, kind: 'compression' });
const oil = (id: string): ClockRing => ({ id, kind: 'oil' });
const expander = (id: string): ClockRing => ({ id, kind: 'expander' });

const clock = (rings: readonly ClockRing[], more: Partial<RingClockInput> = {}) =>
  ringClock({ rings, rule: 'even', pinDeg: 0, thrustDeg: 90, keepClearDeg: 20, ...more });

const apart = (a: number, b: number): number => {
  const round = (((a - b) % 360) + 360) % 360;
  return Math.min(round, 360 - round);
};

describe('spread evenly', () => {
  it('three a third of a turn apart, clear of pin ends and thrust side', () => {
    const { places, smallestSeparationDeg, leastClearDeg, verdict } = clock([
      ring('top'),
      ring('second'),
      oil('oil'),
    ]);
    expect(places.map(({ deg }) => deg)).toEqual([30, 150, 270]);
    expect(smallestSeparationDeg).toBe(120);
    expect([leastClearDeg, verdict]).toEqual([30, 'clear']);
  });

  it('four never put neighbours side by side where it can be helped', () => {
    const { places } = clock([ring('a'), ring('b'), ring('c'), oil('d')]);
    const steps = places.slice(1).map(({ deg }, at) => apart(deg, places[at]?.deg ?? 0));
    expect(Math.min(...steps)).toBe(90);
    expect(steps.reduce((sum, deg) => sum + deg, 0)).toBe(450);
  });

  it('five keep two fifths between neighbours', () => {
    const rings = ['a', 'b', 'c', 'd', 'e'].map(ring);
    expect(clock(rings).smallestSeparationDeg).toBe(144);
  });

  it('an expander’s joint stands opposite the gap of its own oil ring and is not counted', () => {
    const { places } = clock([ring('top'), ring('second'), oil('oil'), expander('spring')]);
    const [, , own, joint] = places;
    expect(apart(own?.deg ?? 0, joint?.deg ?? 0)).toBe(180);
    expect(joint?.clearDeg).toBeUndefined();
    expect(clock([expander('x'), oil('y')]).places.map(({ id }) => id)).toEqual(['x', 'y']);
  });

  it('the other hand of engine has its thrust side on the other side', () => {
    const rings = [ring('top'), ring('second'), oil('oil')];
    const left = clock(rings, { thrustDeg: 270 }).places.map(({ deg }) => deg);
    expect(Math.min(...left.map((deg) => apart(deg, 270)))).toBeGreaterThanOrEqual(20);
  });
});

it('alternately opposite: each half a turn from the one above', () => {
  const { places, smallestSeparationDeg } = clock([ring('a'), ring('b'), oil('c')], {
    rule: 'opposed',
  });
  const degs = places.map(({ deg }) => deg);
  expect(smallestSeparationDeg).toBe(180);
  expect(degs[0]).toBe(degs[2]);
});

it('says which gaps come nearer than asked; the limit itself is clear', () => {
  const rings = [ring('a'), ring('b'), ring('c'), ring('d')];
  const found = clock(rings, { keepClearDeg: 46 });
  expect([found.verdict, found.leastClearDeg]).toEqual(['too-near', 45]);
  expect(found.tooNear.length).toBeGreaterThan(0);
  expect(clock(rings, { keepClearDeg: 45 }).verdict).toBe('clear');
});

it.each([
  ['rings', []],
  ['rings', [expander('x')]],
  ['rings', ['1', '2', '3', '4', '5', '6', '7'].map(ring)],
  ['rings[1].id', [ring('a'), ring('a')]],
  ['rings[1].kind', [ring('a'), expander('b')]],
])('%s is refused', (field, rings) => {
  expect(() => clock(rings)).toThrow(expect.objectContaining({ field }));
});

describe('against every order and every turn', () => {
  const someRings = fc.integer({ min: 1, max: 6 });
  const orders = (left: readonly number[]): number[][] =>
    left.length === 0
      ? [[]]
      : left.flatMap((value) =>
          orders(left.filter((two) => two !== value)).map((rest) => [value, ...rest]),
        );

  it('no order keeps neighbours further apart', () => {
    fc.assert(
      fc.property(someRings, (count) => {
        const { places } = clock(Array.from({ length: count }, (_, at) => ring(String(at))));
        const own = places.slice(1).map(({ deg }, at) => apart(deg, places[at]?.deg ?? 0));
        for (const order of orders(Array.from({ length: count }, (_, at) => at))) {
          const steps = order
            .slice(1)
            .map((place, at) => apart((place * 360) / count, ((order[at] ?? 0) * 360) / count));
          expect(Math.min(...steps)).toBeLessThanOrEqual(Math.min(...own));
          if (Math.min(...steps) === Math.min(...own)) {
            const sum = (list: number[]): number => list.reduce((total, deg) => total + deg, 0);
            expect(sum(steps)).toBeLessThanOrEqual(sum(own));
          }
        }
      }),
      { numRuns: 12 },
    );
  });

  it.each(['even', 'opposed'] as const)(
    'no turn of %s clears more, nor as much by less',
    (rule) => {
      fc.assert(
        fc.property(someRings, fc.constantFrom(90 as const, 270 as const), (count, thrustDeg) => {
          const rings = Array.from({ length: count }, (_, at) => ring(String(at)));
          const { places, leastClearDeg } = clock(rings, { rule, thrustDeg });
          const turned = places[0]?.deg ?? 0;
          const clearAt = (more: number): number =>
            Math.min(
              ...places.flatMap(({ deg }) =>
                [0, 180, thrustDeg].map((at) => apart(deg - turned + more, at)),
              ),
            );
          for (let turn = 0; turn < 360; turn += 1) {
            expect(clearAt(turn)).toBeLessThanOrEqual(leastClearDeg);
            if (turn < turned) expect(clearAt(turn)).toBeLessThan(leastClearDeg);
          }
        }),
        { numRuns: 20 },
      );
    },
  );
});
