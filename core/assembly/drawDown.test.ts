import fc from 'fast-check';
import { drawDown, type DrawDownInput } from './drawDown';

const shaft: DrawDownInput = {
  fasteners: [
    { id: '1', xMm: 0, yMm: 0 },
    { id: '2', xMm: 120, yMm: 0 },
    { id: '3', xMm: 240, yMm: 50 },
  ],
  order: ['2', '1', '3'],
  pitchMm: 1.25,
  downMm: 6,
  stepMm: 0.8,
};

describe('a part drawn down against its springs', () => {
  it('goes in rounds of no more than a step, all alike', () => {
    // 6 mm in steps of 0.8 at most: eight rounds of 0.75 mm, three fifths of a pitch.
    const found = drawDown(shaft);
    expect(found.rounds).toBe(8);
    expect(found.turnDegPerRound).toBeCloseTo(216, 9);
    // Nearest are 1 and 2, 120 mm apart.
    expect(found.mostTiltDeg).toBeCloseTo((Math.atan(0.75 / 120) * 180) / Math.PI, 12);
    expect(found.offOrder).toEqual(['3', '1', '2']);
  });

  it('a step that divides it leaves no crumb of a round', () => {
    expect(drawDown({ ...shaft, downMm: 3, stepMm: 0.1 }).rounds).toBe(30);
    expect(drawDown({ ...shaft, downMm: 0.7, stepMm: 0.1 }).rounds).toBe(7);
  });

  it('one fastener alone cannot lean', () => {
    const [only] = shaft.fasteners;
    expect(drawDown({ ...shaft, fasteners: only ? [only] : [], order: ['1'] }).mostTiltDeg).toBe(0);
  });

  it('leans as much as any two do of which one has had its turn', () => {
    const place = fc.record({
      xMm: fc.integer({ min: 0, max: 600 }),
      yMm: fc.integer({ min: 0, max: 300 }),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(place, { minLength: 2, maxLength: 7, selector: (p) => `${p.xMm} ${p.yMm}` }),
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 20 }),
        (places, downMm, stepMm) => {
          const fasteners = places.map((p, n) => ({ id: `${n}`, ...p }));
          const order = fasteners.map(({ id }) => id).reverse();
          const found = drawDown({ fasteners, order, pitchMm: 1.5, downMm, stepMm });
          expect(downMm / found.rounds).toBeLessThanOrEqual(stepMm + 1e-9);
          expect((found.turnDegPerRound * found.rounds * 1.5) / 360).toBeCloseTo(downMm, 9);
          let most = 0;
          for (let turned = 1; turned < order.length; turned += 1)
            for (const a of order.slice(0, turned))
              for (const b of order.slice(turned)) {
                const [p, q] = [places[Number(a)], places[Number(b)]];
                if (!p || !q) throw new Error('no such place');
                const apart = Math.hypot(p.xMm - q.xMm, p.yMm - q.yMm);
                most = Math.max(most, Math.atan(downMm / found.rounds / apart));
              }
          expect(found.mostTiltDeg).toBeCloseTo((most * 180) / Math.PI, 9);
        },
      ),
    );
  });

  it.each<[string, Partial<DrawDownInput>, string]>([
    ['an unknown fastener', { order: ['1', '2', '9'] }, 'order[2]: unknown-fastener'],
    ['one named twice', { order: ['1', '2', '2'] }, 'order[2]: repeated'],
    ['one left out', { order: ['1', '2'] }, 'order: misses'],
    [
      'two in one place',
      { fasteners: shaft.fasteners.map((f) => ({ ...f, xMm: 1, yMm: 1 })) },
      'fasteners[1]: same-place',
    ],
    ['no pitch', { pitchMm: 0 }, 'pitchMm: must-be-positive'],
    ['a thousandth for a step', { stepMm: 0.001 }, 'stepMm: too-many-rounds'],
  ])('refuses %s', (_, over, message) => {
    expect(() => drawDown({ ...shaft, ...over })).toThrow(message);
  });
});
