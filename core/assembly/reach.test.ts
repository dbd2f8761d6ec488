import fc from 'fast-check';
import { ReckoningFault } from '../quantity/reckoningFault';
import { reach } from './reach';
import type { Reach, ReachAct, ReachInput, ReachPiece } from './reachInput';
import worked from './tests/workedReaches.json';

interface Engine {
  readonly pieces: readonly ReachPiece[];
  readonly acts?: readonly ReachAct[];
}
const ENGINES: Readonly<Record<string, Engine>> = worked.engines;

/** What is wrong with the input, as "field: code". */
function faultOf(input: ReachInput): string {
  try {
    reach(input);
  } catch (fault) {
    if (fault instanceof ReckoningFault) return fault.message;
    throw fault;
  }
  return 'none';
}

describe('what comes off, and how', () => {
  it.each(
    worked.cases.map((entry) => [`${entry.engine}: ${entry.targets.join(', ')}`, entry] as const),
  )('%s', (_, { engine, targets, order, back, eased, because }) => {
    const { pieces = [], acts = [] } = ENGINES[engine] ?? {};
    const found = reach({ pieces, acts, targets });
    expect(found.order).toEqual(order);
    expect(found.back).toEqual(back);
    expect(found.eased.map(({ id }) => id)).toEqual(eased);
    const listed = pieces.map(({ id }) => id);
    expect(found.off.map(({ id }) => id)).toEqual(listed.filter((id) => order.includes(id)));
    for (const { id, because: reasons } of found.off) {
      const expected = (because as Readonly<Record<string, readonly string[]>>)[id];
      expect([...reasons].sort()).toEqual([...(expected ?? ['nothing expected'])].sort());
      const inLists = [...listed, ...acts.map((act) => act.id)].filter((one) =>
        reasons.includes(one),
      );
      expect(reasons).toEqual(inLists);
    }
  });

  it.each(worked.refused.map((entry) => [entry.why, entry] as const))(
    'refuses: %s',
    (why, input) => {
      const code = { circle: 'circle', unknown: 'unknown-id' }[why] ?? why;
      expect(faultOf(input)).toContain(`: ${code}`);
    },
  );

  it('names the shortest circle, each piece waiting for the next', () => {
    const pieces = [
      { id: 'a', restsOn: ['b'] },
      { id: 'b', restsOn: ['c'] },
      { id: 'c', restsOn: ['a'] },
      { id: 'd', onAfter: ['e'] },
      { id: 'e', onAfter: ['d'] },
    ];
    expect(() => reach({ pieces, targets: ['a'] })).toThrow('pieces: circle');
    const circle = (input: ReachInput) => {
      try {
        return reach(input);
      } catch (fault) {
        return (fault as ReckoningFault).fault;
      }
    };
    // To come off, a waits for c, which rests on it; the shorter one is in the other direction.
    expect(circle({ pieces, targets: ['a'] })).toEqual({
      code: 'circle',
      direction: 'on',
      ids: ['d', 'e'],
    });
    expect(circle({ pieces: pieces.slice(0, 3), targets: ['a'] })).toMatchObject({
      direction: 'off',
      ids: ['a', 'c', 'b'],
    });
    expect(circle({ pieces: [{ id: 'x', restsOn: ['x'] }], targets: ['x'] })).toMatchObject({
      ids: ['x'],
    });
  });

  it('order in one direction alone takes nothing off', () => {
    const pieces = [
      { id: 'rods', onAfter: ['shaft'] },
      { id: 'shaft', offAfter: ['pipe'] },
      { id: 'pipe' },
    ];
    expect(reach({ pieces, targets: ['shaft'] }).order).toEqual(['shaft']);
    const both = reach({ pieces, targets: ['rods', 'shaft', 'pipe'] });
    expect(both.order).toEqual(['rods', 'pipe', 'shaft']);
    expect(both.back).toEqual(['shaft', 'rods', 'pipe']);
  });
});

describe('a piece that is kept on another', () => {
  const pieces: readonly ReachPiece[] = [
    { id: 'head' },
    { id: 'manifold', restsOn: ['head'], shuts: ['plugs'], eases: ['loom'] },
    { id: 'pipe', restsOn: ['manifold'] },
    { id: 'loom' },
    { id: 'plugs' },
  ];
  const keep = [{ id: 'manifold', on: 'head' }];

  it('goes as one with it, and what rests on it comes off', () => {
    const found = reach({ pieces, targets: ['head'], keep });
    expect(found.off).toEqual([
      { id: 'head', because: [] },
      { id: 'pipe', because: ['head'] },
    ]);
    expect(found.order).toEqual(['pipe', 'head']);
    expect(found.back).toEqual(['head', 'pipe']);
    expect(found.eased).toEqual([{ id: 'loom', because: ['head'] }]);
  });

  it('stays with what stays', () => {
    expect(reach({ pieces, targets: ['pipe'], keep }).order).toEqual(['pipe']);
  });

  it.each<[string, Partial<ReachInput>, string]>([
    ['when it shuts a target', { targets: ['plugs'] }, 'keep[0]: kept-must-come-off'],
    ['when it is one', { targets: ['head', 'manifold'] }, 'keep[0]: kept-must-come-off'],
    [
      'when it rests on what stays',
      {
        targets: ['head'],
        pieces: [...pieces.slice(0, 1), { id: 'manifold', restsOn: ['loom'] }, { id: 'loom' }],
      },
      'keep[0]: kept-rests-on-what-stays',
    ],
    [
      'on itself, by way of another',
      { targets: ['head'], keep: [...keep, { id: 'head', on: 'manifold' }] },
      'keep[0].on: kept-on-itself',
    ],
    [
      'that is unknown',
      { targets: ['head'], keep: [{ id: 'cover', on: 'head' }] },
      'keep[0].id: unknown-id',
    ],
  ])('is refused %s', (_, over, message) => {
    expect(faultOf({ pieces, targets: [], keep, ...over })).toBe(message);
  });

  it('is refused when by it two pieces wait for each other', () => {
    const between = [
      { id: 'head' },
      { id: 'shaft', restsOn: ['head'] },
      { id: 'cover', restsOn: ['shaft'] },
    ];
    const input = { pieces: between, targets: ['head'], keep: [{ id: 'cover', on: 'head' }] };
    expect(faultOf(input)).toBe('pieces: circle');
  });
});

describe('several ways to one target', () => {
  const pieces: readonly ReachPiece[] = [
    { id: 'sump', shuts: ['caps'] },
    { id: 'crossmember', shuts: ['sump'] },
    { id: 'door', shuts: ['caps'] },
  ];
  const acts = [{ id: 'caps' }];
  const byDoor = { target: 'caps', pieces: ['door'], off: 1 };
  const bySump = { target: 'caps', pieces: ['sump'], off: 2 };

  it('takes the one with the fewest pieces off, and tells what the others cost', () => {
    const found = reach({ pieces, acts, targets: ['caps'], ways: { caps: [['sump'], ['door']] } });
    expect(found.off).toEqual([{ id: 'door', because: ['caps'] }]);
    expect(found.ways).toEqual([
      { ...bySump, chosen: false },
      { ...byDoor, chosen: true },
    ]);
  });

  it('takes the one that was chosen', () => {
    const found = reach({ pieces, acts, targets: ['caps'], ways: { caps: [['sump']] } });
    expect(found.order).toEqual(['crossmember', 'sump']);
    expect(found.ways).toEqual([{ ...bySump, chosen: true }]);
  });

  it('of equals takes the first that is listed, and passes over one the act could not do with', () => {
    const equal = { pieces, targets: ['caps'], ways: { caps: [['crossmember'], ['door']] } };
    expect(reach({ ...equal, acts }).order).toEqual(['crossmember']);
    const needing = [{ id: 'caps', needs: ['crossmember'] }];
    expect(reach({ ...equal, acts: needing }).order).toEqual(['door']);
    expect(faultOf({ ...equal, acts: needing, ways: { caps: [['crossmember']] } })).toBe(
      'targets[0]: needs-what-is-off',
    );
  });

  it('opens the way to a piece that comes off itself', () => {
    const inside = [...pieces, { id: 'pump' }].map((piece) =>
      piece.id === 'sump' || piece.id === 'door' ? { ...piece, shuts: ['pump'] } : piece,
    );
    expect(reach({ pieces: inside, targets: ['pump'], ways: { pump: [['door']] } }).off).toEqual([
      { id: 'door', because: ['pump'] },
      { id: 'pump', because: [] },
    ]);
  });

  it('a kept piece that a way names is off for its target as the piece it goes with', () => {
    const kept: readonly ReachPiece[] = [{ id: 'head' }, { id: 'manifold' }, { id: 'plugs' }];
    const { off } = reach({
      pieces: kept,
      targets: ['plugs'],
      keep: [{ id: 'manifold', on: 'head' }],
      ways: { plugs: [['manifold']] },
    });
    expect(off).toEqual([
      { id: 'head', because: ['plugs'] },
      { id: 'plugs', because: [] },
    ]);
  });
});

/** Assemblies without circles: each piece names only those listed before it, then the list is shuffled. */
const assemblies = (most: number) =>
  fc
    .integer({ min: 1, max: most })
    .chain((count) => {
      const some = (of: number) =>
        fc.subarray(
          Array.from({ length: of }, (_, n) => `p${n}`),
          { maxLength: Math.min(3, of) },
        );
      const acts = ['a0', 'a1'];
      return fc.record({
        pieces: fc.tuple(
          ...Array.from({ length: count }, (_, n) =>
            fc.record({
              id: fc.constant(`p${n}`),
              restsOn: some(n),
              shuts: fc.tuple(some(n), fc.subarray(acts)).map(([p, a]) => [...p, ...a]),
              eases: some(n),
              onAfter: some(n),
              offAfter: fc.constant<string[]>([]),
            }),
          ),
        ),
        targets: fc.subarray([...Array.from({ length: count }, (_, n) => `p${n}`), ...acts], {
          minLength: 1,
        }),
        acts: fc.constant(acts.map((id) => ({ id }))),
      });
    })
    .chain((input) =>
      fc
        .shuffledSubarray(input.pieces, { minLength: input.pieces.length })
        .map((pieces): ReachInput => ({ ...input, pieces })),
    );

describe('on any assembly', () => {
  it('takes off no more than it must', () => {
    fc.assert(
      fc.property(assemblies(8), (input) => {
        expect(new Set(reach(input).off.map(({ id }) => id))).toEqual(least(input));
      }),
    );
  });

  it('comes off and goes on in the order of a plain second reading', () => {
    fc.assert(
      fc.property(assemblies(60), (input) => {
        const found = reach(input);
        expect(found.order).toEqual(plainOrder(input, found, 'off'));
        expect(found.back).toEqual(plainOrder(input, found, 'on'));
      }),
      { numRuns: 40 },
    );
  });

  it('names a circle of the least length wherever there is one', () => {
    const graphs = fc.integer({ min: 1, max: 7 }).chain((count) => {
      const ids = Array.from({ length: count }, (_, n) => `p${n}`);
      return fc.tuple(
        ...ids.map((id) =>
          fc.record({
            id: fc.constant(id),
            restsOn: fc.subarray(ids, { maxLength: Math.min(2, count) }),
          }),
        ),
      );
    });
    fc.assert(
      fc.property(graphs, (pieces) => {
        const shortest = leastCircle(pieces);
        try {
          reach({ pieces, targets: ['p0'] });
          expect(shortest).toBe(Infinity);
        } catch (fault) {
          if (!(fault instanceof ReckoningFault) || fault.fault.code !== 'circle') throw fault;
          const { ids } = fault.fault;
          expect(ids).toHaveLength(shortest);
          // To come off, each waits for the next, which rests on it.
          ids.forEach((id, n) => {
            const next = pieces.find((piece) => piece.id === ids[(n + 1) % ids.length]);
            expect(next?.restsOn).toContain(id);
          });
        }
      }),
    );
  });
});

/** The smallest set of pieces that holds the targets and is closed, by trying them all. */
function least({ pieces, targets }: ReachInput): ReadonlySet<string> {
  const sets = Array.from(
    { length: 2 ** pieces.length },
    (_, bits) => new Set(pieces.filter((_piece, n) => bits & (2 ** n)).map(({ id }) => id)),
  );
  const closed = sets.filter((off) =>
    pieces.every(({ id, restsOn = [], shuts = [] }) => {
      const must =
        targets.includes(id) ||
        restsOn.some((other) => off.has(other)) ||
        shuts.some((other) => off.has(other) || (other.startsWith('a') && targets.includes(other)));
      return !must || off.has(id);
    }),
  );
  return closed.reduce((smallest, set) => (set.size < smallest.size ? set : smallest));
}

/** One piece after the other, asked anew each time. */
function plainOrder({ pieces }: ReachInput, { off }: Reach, way: 'off' | 'on'): readonly string[] {
  const left = pieces.filter(({ id }) => off.some((entry) => entry.id === id));
  const order: string[] = [];
  while (left.length > 0) {
    const free = left.findIndex((piece) =>
      way === 'off'
        ? !left.some(
            (other) =>
              other !== piece &&
              ([...(other.restsOn ?? []), ...(other.shuts ?? [])].includes(piece.id) ||
                piece.offAfter?.includes(other.id)),
          )
        : !left.some((other) =>
            [...(piece.restsOn ?? []), ...(piece.shuts ?? []), ...(piece.onAfter ?? [])].includes(
              other.id,
            ),
          ),
    );
    order.push(...left.splice(free, 1).map(({ id }) => id));
  }
  return order;
}

/** How many pieces the shortest circle has: steps from each piece back to itself, all pairs. */
function leastCircle(
  pieces: readonly { readonly id: string; readonly restsOn: readonly string[] }[],
): number {
  const steps = new Map<string, number>();
  const get = (a: string, b: string): number => steps.get(`${a} ${b}`) ?? Infinity;
  for (const { id, restsOn } of pieces) for (const other of restsOn) steps.set(`${id} ${other}`, 1);
  for (const { id: via } of pieces)
    for (const { id: a } of pieces)
      for (const { id: b } of pieces)
        steps.set(`${a} ${b}`, Math.min(get(a, b), get(a, via) + get(via, b)));
  return Math.min(...pieces.map(({ id }) => get(id, id)));
}
