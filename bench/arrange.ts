import type { LinerArrangeInput } from '@cardinex/core/block/arrange/input';
import { linerArrange } from '@cardinex/core/block/linerArrange';
import { median, type Result } from './result';

/** Ten liners in one bank on shims of five sizes, two to a liner at most; no two blocks alike. */
function tenLiners(seed: number): LinerArrangeInput {
  let state = seed;
  const hundredths = (most: number): number => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296;
    return Math.floor((state / 4_294_967_296) * most) / 100;
  };
  const ids = Array.from({ length: 10 }, (_, at) => String(at + 1));
  return {
    bores: ids.map((id) => ({ id, counterboreMm: 10 + hundredths(20) })),
    liners: ids.map((id) => ({ id, flangeMm: 9.8 + hundredths(20) })),
    shims: [0.1, 0.15, 0.2, 0.25, 0.3].map((mm) => ({ mm, count: 20 })),
    shimRequired: true,
    maxShims: 2,
    limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03 },
    rise: 'up',
  };
}

/** How long the placing of the largest bank takes, the slowest of a dozen blocks. */
export function benchArrange(): Result[] {
  const times = Array.from({ length: 12 }, (_, run) => {
    const input = tenLiners(run + 1);
    const begun = performance.now();
    linerArrange(input);
    return performance.now() - begun;
  });
  const what = '10 liners placed, 5 shim sizes, one bank';
  return [
    { what: `${what} (median of 12)`, value: median(times), unit: 'ms', limit: 2000 },
    { what: `${what} (slowest of 12)`, value: Math.max(...times), unit: 'ms', limit: 2000 },
  ];
}
