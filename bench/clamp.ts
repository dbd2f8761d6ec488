import { clampSimulate, type ClampSimulateInput } from '@cardinex/core/tightening/clampSimulate';
import { orderPropose } from '@cardinex/core/tightening/orderPropose';
import { median, type Result } from './result';

/** Twenty-six bolts of a six-cylinder head, tightened in four stages. */
function largeHead(seed: number): ClampSimulateInput {
  const fasteners = Array.from({ length: 26 }, (_, at) => ({
    id: `b${at + 1}`,
    xMm: Math.floor(at / 2) * 70,
    yMm: (at % 2) * 160,
  }));
  return {
    fasteners,
    order: orderPropose({ fasteners, pattern: 'spiral' }),
    stages: [30, 60, 90]
      .map((kn) => ({ kind: 'load' as const, kn, scatter: 0.15 }))
      .concat([{ kind: 'load' as const, kn: 90, scatter: 0.15 }]),
    interaction: 0.15,
    decayMm: 120,
    trials: 2000,
    seed,
  };
}

/** How long two thousand decks take, the slowest of a dozen. */
export function benchClamp(): Result[] {
  const times = Array.from({ length: 12 }, (_, run) => {
    const input = largeHead(run + 1);
    const begun = performance.now();
    clampSimulate(input);
    return performance.now() - begun;
  });
  const what = '26 bolts, 4 stages, 2,000 decks tried';
  return [
    { what: `${what} (median of 12)`, value: median(times), unit: 'ms', limit: 2000 },
    { what: `${what} (slowest of 12)`, value: Math.max(...times), unit: 'ms', limit: 2000 },
  ];
}
