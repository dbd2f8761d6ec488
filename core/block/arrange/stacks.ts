import { inMillionths } from '../../quantity/withinLimits';

/** Shims of one thickness, and how many there are. */
export interface ShimSize {
  readonly mm: number;
  readonly count: number;
}

/** Shims laid together under one flange. */
export interface Stack {
  readonly totalMm: number;
  /** Thickest first. */
  readonly shimsMm: readonly number[];
  /** How many of each size, in the order the sizes are listed. */
  readonly uses: readonly number[];
}

/**
 * Every stack that may go under one liner, fewest shims first, then thinner.
 * @param required at least one shim
 * @param most shims in one stack
 * @example stacksOf([{ mm: 0.1, count: 4 }], false, 2) // nothing, 0.1, 0.1 + 0.1
 */
export function stacksOf(
  sizes: readonly ShimSize[],
  required: boolean,
  most: number,
): readonly Stack[] {
  const stacks: Stack[] = [];
  const lay = (size: number, uses: readonly number[], left: number): void => {
    const current = sizes[size];
    if (!current) {
      stacks.push(stackOf(sizes, uses));
      return;
    }
    for (let count = 0; count <= Math.min(left, current.count); count += 1) {
      lay(size + 1, [...uses, count], left - count);
    }
  };
  lay(0, [], most);
  return stacks
    .filter(({ shimsMm }) => shimsMm.length > 0 || !required)
    .sort(
      (a, b) =>
        a.shimsMm.length - b.shimsMm.length || inMillionths(a.totalMm) - inMillionths(b.totalMm),
    );
}

function stackOf(sizes: readonly ShimSize[], uses: readonly number[]): Stack {
  const shimsMm = sizes
    .flatMap(({ mm }, at) => Array.from({ length: uses[at] ?? 0 }, () => mm))
    .sort((a, b) => b - a);
  return { totalMm: shimsMm.reduce((sum, mm) => sum + mm, 0), shimsMm, uses };
}
