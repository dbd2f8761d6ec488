import { valueIn } from '@cardinex/core/quantity/readQuantity';
import type { TraceSample } from '@cardinex/core/tightening/traceVerdict';
import { clampBench as w } from '@cardinex/words/clampBench';

/**
 * Pairs of degrees and newton metres, a line each, as a wrench writes them or a table gives them:
 * parted by spaces, semicolons or tabs, with a comma or a point as decimal mark. A first line of words
 * is passed over.
 */
export function readTrace(text: string): {
  readonly samples: readonly TraceSample[];
  readonly fault?: string;
} {
  const lines = text.split('\n').map((line) => line.trim());
  const samples: TraceSample[] = [];
  for (const [at, line] of lines.entries()) {
    if (line === '' || (at === 0 && /[a-z]/i.test(line))) continue;
    const parts = (/[;\t ]/.test(line) ? line.split(/[;\t ]+/) : line.split(',')).map(
      (part) => valueIn(part) ?? NaN,
    );
    const [deg, nm] = parts;
    if (parts.length !== 2 || deg === undefined || nm === undefined || parts.some(Number.isNaN)) {
      return { samples: [], fault: w.notPairs(at + 1) };
    }
    samples.push({ deg, nm });
  }
  return { samples };
}
