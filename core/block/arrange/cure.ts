import type { LinerArrangeInput, PlacedLiner } from './input';
import { inMillionths } from '../../quantity/withinLimits';
import { EQUAL_HEIGHT_MM } from '../linerCheck';
import { breaksOf } from './breaks';

/** Something done under one liner so that its height comes right. */
export type Cure =
  /** Its counterbore cut deeper by so much. */
  | { readonly do: 'cut'; readonly bore: string; readonly mm: number }
  /** Shims of so much in all, in place of what is under it now. */
  | {
      readonly do: 'shim';
      readonly bore: string;
      readonly mm: number;
      readonly insteadOfMm: number;
    }
  /** Another liner, its flange thicker by so much. */
  | { readonly do: 'thicker'; readonly bore: string; readonly mm: number };

type Input = Pick<LinerArrangeInput, 'bores' | 'limits' | 'rise' | 'shims' | 'maxShims'> & {
  readonly shimRequired: boolean;
};

/**
 * What would make a placement hold: one bore put right if that is enough, the one that needs least;
 * else several together. Heights are brought to the nearest that will do.
 */
export function cureOf(input: Input, placement: readonly PlacedLiner[]): readonly Cure[] {
  const heights = placement.map(({ standOutMm }) => standOutMm);
  const holds = (mm: readonly number[]): boolean =>
    breaksOf(
      input,
      placement.map(({ bore }, at) => ({ bore, standOutMm: mm[at] ?? NaN })),
    ).length === 0;
  const ways = [...alone(input, heights), ...together(input, heights)].filter(holds);
  const best = ways.reduce<readonly number[] | null>(
    (least, way) => (least === null || weight(way, heights) < weight(least, heights) ? way : least),
    null,
  );
  return (best ?? heights).flatMap((mm, at) => {
    const placed = placement[at];
    const by = mm - (heights[at] ?? mm);
    return placed && inMillionths(by) !== 0 ? [cureBy(input, placed, by)] : [];
  });
}

/** Fewest bores touched, then the least change. */
function weight(way: readonly number[], heights: readonly number[]): number {
  const changes = way.map((mm, at) => Math.abs(inMillionths(mm - (heights[at] ?? mm))));
  const touched = changes.filter((change) => change > 0).length;
  return touched * 1e9 + changes.reduce((sum, change) => sum + change, 0);
}

function cureBy({ shims, maxShims, shimRequired }: Input, placed: PlacedLiner, by: number): Cure {
  const { bore, shimsMm } = placed;
  const insteadOfMm = shimsMm.reduce((sum, mm) => sum + mm, 0);
  const mm = insteadOfMm + by;
  const least = shimRequired ? 1 : 0;
  if (shims.length > 0 && maxShims > 0 && inMillionths(mm) >= least) {
    return { do: 'shim', bore, mm, insteadOfMm };
  }
  return by < 0 ? { do: 'cut', bore, mm: -by } : { do: 'thicker', bore, mm: by };
}

/** Each bore by itself at the nearest height its neighbours allow, the rest as they are. */
function alone(input: Input, heights: readonly number[]): readonly (readonly number[])[] {
  return heights.flatMap((height, at) =>
    signsFor(input).map((sign) => {
      const span = spanOf(input, heights, at, sign, () => true);
      return heights.map((mm, place) => (place === at ? nearest(height, span) : mm));
    }),
  );
}

/** From each bore outwards, every other brought to the nearest height those before it allow. */
function together(input: Input, heights: readonly number[]): readonly (readonly number[])[] {
  return heights.flatMap((_, anchor) =>
    signsFor(input).map((sign) => {
      const brought = [...heights];
      const set = new Set<number>();
      const outwards = [
        ...heights.map((_height, at) => at).slice(anchor),
        ...heights
          .map((_height, at) => at)
          .slice(0, anchor)
          .reverse(),
      ];
      for (const at of outwards) {
        const span = spanOf(input, brought, at, sign, (other) => set.has(other));
        brought[at] = nearest(heights[at] ?? 0, span);
        set.add(at);
      }
      return brought;
    }),
  );
}

function signsFor({ rise }: Input): readonly number[] {
  return { none: [0], up: [1], down: [-1], either: [1, -1] }[rise];
}

/** The heights one bore may have beside those that count. */
function spanOf(
  { bores, limits }: Input,
  heights: readonly number[],
  at: number,
  sign: number,
  counts: (place: number) => boolean,
): readonly [number, number] {
  const bore = bores[at];
  const { adjacentMm = Infinity, groupSpreadMm = Infinity } = limits;
  let [low, high] = [limits.lowMm, limits.highMm];
  const inBank = bores.flatMap((counterbore, place) =>
    counterbore.bank === bore?.bank ? [place] : [],
  );
  const nth = inBank.indexOf(at);
  const neighbour = (place: number | undefined, way: number): void => {
    if (place === undefined || !counts(place)) return;
    const mm = heights[place] ?? 0;
    low = Math.max(low, mm - adjacentMm, sign * way > 0 ? mm - EQUAL_HEIGHT_MM : -Infinity);
    high = Math.min(high, mm + adjacentMm, sign * way < 0 ? mm + EQUAL_HEIGHT_MM : Infinity);
  };
  neighbour(inBank[nth - 1], 1);
  neighbour(inBank[nth + 1], -1);
  bores.forEach(({ headGroup }, place) => {
    if (headGroup === undefined || headGroup !== bore?.headGroup || place === at) return;
    if (!counts(place)) return;
    const mm = heights[place] ?? 0;
    low = Math.max(low, mm - groupSpreadMm);
    high = Math.min(high, mm + groupSpreadMm);
  });
  return [low, high];
}

function nearest(mm: number, [low, high]: readonly [number, number]): number {
  return Math.min(Math.max(mm, low), high);
}
