import type { LinerArrangeInput } from './arrange/input';
import fc from 'fast-check';
import { linerArrange, type LinerArrange } from './linerArrange';
import { stacksOf } from './arrange/stacks';
import { breaksOf } from './arrange/breaks';

const limits = { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03 };
const noShims = { shims: [], shimRequired: false, maxShims: 0 } as const;

/** Bores all alike, 8.00 deep, so that a flange is 8 and its stand-out. */
function proud(...standOuts: number[]): LinerArrangeInput {
  return {
    bores: standOuts.map((_, at) => ({ id: String(at + 1), counterboreMm: 8 })),
    liners: standOuts.map((mm, at) => ({ id: String(at + 1), flangeMm: 8 + mm })),
    ...noShims,
    limits,
    rise: 'up',
  };
}

describe('liners metal to metal', () => {
  it('one out of order changes places until all holds', () => {
    const found = linerArrange(proud(0.06, 0.1, 0.08, 0.11));
    expect(found.feasible).toBe(true);
    expect(found.placement.map(({ liner }) => liner)).toEqual(['1', '3', '2', '4']);
    expect(found.moved).toEqual(['2', '3']);
    expect(found.largestAdjacentMm).toBeCloseTo(0.02, 9);
  });

  it('those that are right already stay where they are', () => {
    expect(linerArrange(proud(0.06, 0.08, 0.1, 0.11)).moved).toEqual([]);
  });

  it('a liner for one bore only stays there, though another place would be better', () => {
    const free = proud(0.06, 0.1, 0.08, 0.11);
    const liners = free.liners.map((flange) =>
      flange.id === '2' ? { ...flange, onlyBore: '2' } : flange,
    );
    const found = linerArrange({ ...free, liners });
    expect(found.placement[1]?.liner).toBe('2');
    expect(found.feasible).toBe(false);
  });

  it('a spare takes the place of one that fits nowhere', () => {
    const block = proud(0.06, 0.2, 0.08);
    const found = linerArrange({
      ...block,
      liners: [...block.liners, { id: 'new', flangeMm: 8.07 }],
    });
    expect(found.feasible).toBe(true);
    expect(found.placement.map(({ liner }) => liner)).toEqual(['1', 'new', '3']);
  });

  it('banks have neighbours of their own', () => {
    const block = proud(0.1, 0.12, 0.06, 0.08);
    const bores = block.bores.map((bore, at) => ({ ...bore, bank: at < 2 ? 'left' : 'right' }));
    expect(linerArrange({ ...block, bores }).feasible).toBe(true);
    expect(linerArrange({ ...block, bores }).moved).toEqual([]);
  });
});

describe('liners on shims', () => {
  const onShims: LinerArrangeInput = {
    bores: ['1', '2'].map((id) => ({ id, counterboreMm: 10 })),
    liners: [
      { id: '1', flangeMm: 9.9 },
      { id: '2', flangeMm: 9.8 },
    ],
    shims: [
      { mm: 0.2, count: 4 },
      { mm: 0.1, count: 4 },
    ],
    shimRequired: true,
    maxShims: 2,
    limits: { lowMm: 0.05, highMm: 0.15 },
    rise: 'none',
  };

  it('each gets the stack that brings it right, the fewest there are', () => {
    const { placement, shimsUsed } = linerArrange(onShims);
    expect(placement.map(({ shimsMm }) => shimsMm)).toEqual([[0.2], [0.2, 0.1]]);
    expect(placement.map(({ standOutMm }) => standOutMm.toFixed(3))).toEqual(['0.100', '0.100']);
    expect(shimsUsed).toBe(3);
  });

  it('takes no more of a size than there are', () => {
    const shims = [
      { mm: 0.2, count: 1 },
      { mm: 0.1, count: 4 },
    ];
    const { placement } = linerArrange({ ...onShims, shims });
    expect(placement.flatMap(({ shimsMm }) => shimsMm).filter((mm) => mm === 0.2)).toHaveLength(1);
    expect(placement.map(({ shimsMm }) => shimsMm)).toEqual([
      [0.1, 0.1],
      [0.2, 0.1],
    ]);
  });
});

describe('what cannot be made to hold', () => {
  it('names the nearest placement and the one bore to cut', () => {
    const { feasible, totalExcessMm, breaks, cure } = linerArrange(proud(0.06, 0.08, 0.16));
    expect(feasible).toBe(false);
    expect(totalExcessMm).toBeCloseTo(0.04 + 0.05, 9);
    expect(breaks.map(({ kind }) => kind)).toEqual(['height', 'adjacent']);
    expect(cure).toEqual([{ do: 'cut', bore: '3', mm: expect.closeTo(0.05, 9) }]);
  });

  it('a liner too low asks for a thicker flange, or on shims for another stack', () => {
    expect(linerArrange(proud(0.02, 0.06)).cure).toEqual([
      { do: 'thicker', bore: '1', mm: expect.closeTo(0.03, 9) },
    ]);
    const shimmed = { ...proud(-0.2, -0.14), shims: [{ mm: 0.2, count: 9 }], maxShims: 1 };
    expect(linerArrange(shimmed).cure).toEqual([
      {
        do: 'shim',
        bore: '1',
        mm: expect.closeTo(0.25, 9),
        insteadOfMm: expect.closeTo(0.2, 9),
      },
    ]);
  });

  it('several are put right together where one is not enough', () => {
    expect(linerArrange(proud(0.2, 0.2, 0.2)).cure).toHaveLength(3);
  });
});

it.each([
  ['bores', { bores: [] }],
  ['liners', { liners: [{ id: '1', flangeMm: 8 }] }],
  ['bores[1].id', { bores: ['1', '1'].map((id) => ({ id, counterboreMm: 8 })) }],
  ['liners[1].id', { liners: ['1', '1'].map((id) => ({ id, flangeMm: 8 })) }],
  ['liners[0].onlyBore', { liners: ['1', '2'].map((id) => ({ id, flangeMm: 8, onlyBore: '7' })) }],
  ['liners', { liners: ['1', '2'].map((id) => ({ id, flangeMm: 8, onlyBore: '1' })) }],
  ['shims[0].count', { shims: [{ mm: 0.1, count: 1.5 }] }],
  ['shims[1].mm', { shims: [0.1, 0.1].map((mm) => ({ mm, count: 1 })) }],
  ['maxShims', { maxShims: 9 }],
  ['shims', { shimRequired: true, maxShims: 1, shims: [{ mm: 0.1, count: 1 }] }],
  ['limits.highMm', { limits: { lowMm: 0.1, highMm: 0.05 } }],
  ['limits.adjacentMm', { limits: { lowMm: 0, highMm: 0.05, adjacentMm: -1 } }],
  ['bores[0].counterboreMm', { bores: ['1', '2'].map((id) => ({ id, counterboreMm: -8 })) }],
] satisfies [string, Partial<LinerArrangeInput>][])('%s is refused', (field, wrong) => {
  expect(() => linerArrange({ ...proud(0.06, 0.07), ...wrong })).toThrow(
    expect.objectContaining({ field }),
  );
});

/** One liner in one bore, heights in whole thousandths. */
interface Placed {
  readonly liner: number;
  readonly stack: number;
  readonly height: number;
  readonly shims: number;
}

const thousandths = (mm: number): number => Math.round(mm * 1000);

/** Every placement there is, the slow way. */
function everyPlacement(input: LinerArrangeInput): Placed[][] {
  const stacks = stacksOf(input.shims, input.shimRequired, input.maxShims);
  const all: Placed[][] = [];
  const place = (placed: readonly Placed[], used: readonly number[]): void => {
    const bore = input.bores[placed.length];
    if (!bore) return void all.push([...placed]);
    input.liners.forEach(({ flangeMm, onlyBore }, liner) => {
      if (placed.some((entry) => entry.liner === liner)) return;
      if (onlyBore !== undefined && onlyBore !== bore.id) return;
      stacks.forEach(({ totalMm, shimsMm, uses: more }, stack) => {
        const uses = used.map((count, size) => count + (more[size] ?? 0));
        if (input.shims.some(({ count }, size) => (uses[size] ?? 0) > count)) return;
        const height = thousandths(flangeMm - bore.counterboreMm + totalMm);
        place([...placed, { liner, stack, height, shims: shimsMm.length }], uses);
      });
    });
  };
  place(
    [],
    input.shims.map(() => 0),
  );
  return all;
}

/**
 * What a placement is worth, in the order of weight, reckoned anew in whole thousandths; the last part
 * is its place in the lists.
 */
function merit(input: LinerArrangeInput, placed: readonly Placed[]): number[] {
  const { bores, liners, limits: own, rise } = input;
  const low = thousandths(own.lowMm);
  const high = thousandths(own.highMm);
  const over = (value: number, limit: number | undefined): number =>
    Math.max(0, value - (limit === undefined ? Infinity : thousandths(limit)));
  let [excess, largest, offTarget, shims, moved] = [0, 0, 0, 0, 0];
  placed.forEach(({ height, shims: count, liner }, at) => {
    excess += Math.max(0, low - height, height - high);
    offTarget += Math.abs(height - (low + high) / 2);
    shims += count;
    moved += liners[liner]?.id === bores[at]?.id ? 0 : 1;
  });
  const banks = bankByBank(input, placed);
  for (const bank of banks) {
    const steps = bank.slice(1).map(({ height }, at) => height - (bank[at]?.height ?? 0));
    largest = Math.max(largest, ...steps.map(Math.abs));
    excess += steps.reduce((sum, step) => sum + over(Math.abs(step), own.adjacentMm), 0);
    const broken = (sign: number): number =>
      steps.reduce((sum, step) => sum + Math.max(0, -sign * step - 5), 0);
    const ways = {
      none: 0,
      up: broken(1),
      down: broken(-1),
      either: Math.min(broken(1), broken(-1)),
    };
    excess += ways[rise];
  }
  for (const group of new Set(bores.map(({ headGroup }) => headGroup))) {
    const members = placed.flatMap(({ height }, at) =>
      bores[at]?.headGroup === group ? [height] : [],
    );
    excess += over(Math.max(...members) - Math.min(...members), own.groupSpreadMm);
  }
  const order = banks.flat().flatMap(({ liner, stack }) => [liner, stack]);
  return [excess, largest, offTarget, shims, moved, ...order];
}

function bankByBank({ bores }: LinerArrangeInput, placed: readonly Placed[]): Placed[][] {
  const banks = [...new Set(bores.map(({ bank }) => bank))];
  return banks.map((bank) => placed.filter((_, at) => bores[at]?.bank === bank));
}

/** An answer in the form the slow way has. */
function placedIn(input: LinerArrangeInput, { placement }: LinerArrange): Placed[] {
  const stacks = stacksOf(input.shims, input.shimRequired, input.maxShims);
  return placement.map(({ liner, shimsMm, standOutMm }) => ({
    liner: input.liners.findIndex(({ id }) => id === liner),
    stack: stacks.findIndex((stack) => stack.shimsMm.join() === shimsMm.join()),
    height: thousandths(standOutMm),
    shims: shimsMm.length,
  }));
}

function isLess(a: readonly number[], b: readonly number[]): boolean {
  const at = a.findIndex((value, place) => value !== b[place]);
  return at >= 0 && (a[at] ?? 0) < (b[at] ?? 0);
}

const hundredths = (low: number, high: number) =>
  fc.integer({ min: low, max: high }).map((n) => n / 100);

/** Blocks small enough to try every placement, coarse enough that many are as good as each other. */
const smallBlock = fc
  .record({
    count: fc.integer({ min: 1, max: 3 }),
    more: fc.integer({ min: 0, max: 1 }),
    spares: fc.integer({ min: 0, max: 1 }),
    sizes: fc.uniqueArray(hundredths(2, 12), { maxLength: 2 }),
    maxShims: fc.integer({ min: 0, max: 2 }),
    shimRequired: fc.boolean(),
    rise: fc.constantFrom('none' as const, 'either' as const, 'up' as const, 'down' as const),
    adjacentMm: fc.option(hundredths(1, 6), { nil: undefined }),
    groupSpreadMm: fc.option(hundredths(1, 6), { nil: undefined }),
    banks: fc.boolean(),
    bound: fc.boolean(),
  })
  // Four bores only where there is little to lay under them: every placement is tried.
  .map((shape) =>
    shape.sizes.length === 0 ? { ...shape, count: shape.count + shape.more } : shape,
  )
  .chain((shape) =>
    fc.record({
      shape: fc.constant(shape),
      counterbores: fc.array(hundredths(798, 804), {
        minLength: shape.count,
        maxLength: shape.count,
      }),
      flanges: fc.array(hundredths(800, 814), {
        minLength: shape.count + shape.spares,
        maxLength: shape.count + shape.spares,
      }),
      stock: fc.array(fc.integer({ min: 0, max: 5 }), { minLength: 2, maxLength: 2 }),
      lowMm: hundredths(2, 8),
      width: hundredths(1, 10),
    }),
  )
  .map(({ shape, counterbores, flanges, stock, lowMm, width }): LinerArrangeInput => {
    const { adjacentMm, groupSpreadMm, sizes, maxShims, rise } = shape;
    const shims = sizes.map((mm, at) => ({ mm, count: stock[at] ?? 0 }));
    const enough = shims.reduce((sum, { count }) => sum + count, 0) >= shape.count;
    return {
      bores: counterbores.map((counterboreMm, at) => ({
        id: `b${at}`,
        counterboreMm,
        ...(shape.banks && { bank: at % 2 === 0 ? 'left' : 'right' }),
        headGroup: at < 2 ? 'one' : 'two',
      })),
      liners: flanges.map((flangeMm, at) => ({
        id: `b${at}`,
        flangeMm,
        ...(shape.bound && at === 0 && { onlyBore: 'b0' }),
      })),
      shims,
      shimRequired: shape.shimRequired && enough && maxShims > 0,
      maxShims,
      limits: {
        lowMm,
        highMm: lowMm + width,
        ...(adjacentMm !== undefined && { adjacentMm }),
        ...(groupSpreadMm !== undefined && { groupSpreadMm }),
      },
      rise,
    };
  });

/** The cure done: counterbores cut, stacks changed, thicker flanges. */
function cured({ placement, cure }: LinerArrange): number[] {
  return placement.map(({ bore, standOutMm }) => {
    const done = cure.find((entry) => entry.bore === bore);
    if (!done) return standOutMm;
    if (done.do === 'shim') return standOutMm - done.insteadOfMm + done.mm;
    return done.do === 'cut' ? standOutMm - done.mm : standOutMm + done.mm;
  });
}

describe('against every placement there is', () => {
  it('finds the best of all, ties included', () => {
    fc.assert(
      fc.property(smallBlock, (input) => {
        const found = linerArrange(input);
        const own = merit(input, placedIn(input, found));
        const better = everyPlacement(input).find((other) => isLess(merit(input, other), own));
        expect(better).toBeUndefined();
        expect(found.feasible).toBe(own[0] === 0);
        expect([
          ...[found.totalExcessMm, found.largestAdjacentMm].map(thousandths),
          Math.round(found.offTargetMm * 2000) / 2,
          found.shimsUsed,
          found.moved.length,
        ]).toEqual(own.slice(0, 5));
      }),
      { numRuns: 2500 },
    );
  });

  it('uses each liner once, and its cure makes the placement hold', () => {
    fc.assert(
      fc.property(smallBlock, (input) => {
        const found = linerArrange(input);
        expect(new Set(found.placement.map(({ liner }) => liner)).size).toBe(input.bores.length);
        const heights = cured(found);
        const after = found.placement.map(({ bore }, at) => ({
          bore,
          standOutMm: heights[at] ?? NaN,
        }));
        expect(breaksOf(input, after)).toEqual([]);
      }),
      { numRuns: 500 },
    );
  });
});

it('tells how far it is, from nothing to all', () => {
  const shares: number[] = [];
  linerArrange(proud(0.06, 0.1, 0.08, 0.11), (share) => shares.push(share));
  expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  expect(shares.at(-1)).toBe(1);
});
