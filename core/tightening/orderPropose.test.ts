import fc from 'fast-check';
import { mapFromCircle, mapFromRows } from '../sheet/makeMap';
import { orderPropose, type OrderPattern } from './orderPropose';

const PATTERNS: OrderPattern[] = ['spiral', 'cross', 'rows'];
const head = mapFromRows({ rows: 2, columns: 5, alongMm: 125, acrossMm: 190 }).fasteners;

describe('an order of our own', () => {
  it('pulls every fastener once, whatever the pattern and wherever they stand', () => {
    const place = fc.integer({ min: 0, max: 800 });
    const set = fc.uniqueArray(fc.record({ id: fc.uuid(), xMm: place, yMm: place }), {
      minLength: 1,
      maxLength: 40,
      selector: (f) => f.id,
    });
    fc.assert(
      fc.property(set, fc.constantFrom(...PATTERNS), (fasteners, pattern) => {
        const order = orderPropose({ fasteners, pattern });
        expect([...order].sort()).toEqual(fasteners.map((f) => f.id).sort());
      }),
    );
  });

  it('goes from the middle of a head to its ends', () => {
    // f1 to f5 along the top, f6 to f10 below: 3 and 8 stand in the middle.
    expect(orderPropose({ fasteners: head, pattern: 'spiral' })).toEqual([
      'f3',
      'f8',
      'f2',
      'f4',
      'f9',
      'f7',
      'f1',
      'f5',
      'f10',
      'f6',
    ]);
    expect(orderPropose({ fasteners: head, pattern: 'rows' })).toEqual([
      'f3',
      'f2',
      'f4',
      'f1',
      'f5',
      'f8',
      'f7',
      'f9',
      'f6',
      'f10',
    ]);
    const distanceAlong = (id: string): number =>
      Math.abs((head.find((f) => f.id === id)?.xMm ?? 0) - 280);
    for (const pattern of ['spiral', 'cross'] as const) {
      const along = orderPropose({ fasteners: head, pattern }).map(distanceAlong);
      expect(along).toEqual([...along].sort((a, b) => a - b));
    }
  });

  it('crosses a single ring, whatever was asked', () => {
    const ring = mapFromCircle({ count: 6, diaMm: 100 }).fasteners;
    const [first] = PATTERNS.map((pattern) => orderPropose({ fasteners: ring, pattern }));
    for (const pattern of PATTERNS) {
      const order = orderPropose({ fasteners: ring, pattern });
      expect(order).toEqual(first);
      const at = (id: string | undefined) => ring.find((f) => f.id === id);
      const [one, two] = [at(order[0]), at(order[1])];
      expect(
        Math.hypot((one?.xMm ?? 0) - (two?.xMm ?? 0), (one?.yMm ?? 0) - (two?.yMm ?? 0)),
      ).toBeCloseTo(100, 0);
    }
  });

  it('refuses what it cannot place', () => {
    expect(() => orderPropose({ fasteners: [], pattern: 'rows' })).toThrow('empty');
    const twice = [...head, ...head.slice(0, 1)];
    expect(() => orderPropose({ fasteners: twice, pattern: 'rows' })).toThrow('repeated');
  });
});
