import type { LinerArrangeInput } from './input';
import { inMillionths } from '../../quantity/withinLimits';
import { EQUAL_HEIGHT_MM } from '../linerCheck';
import type { Stack } from './stacks';

/*
 * Bores are filled from the last to the first. What matters of the ones already filled is which
 * liners they took, what stands in the bore next to come, and what is still open: head groups that
 * reach further, shims that are short. Of all ways to the same such state only the best is kept, so
 * ten liners are thousands of states and not millions of orders. All heights are whole millionths.
 */

/** What a placement costs, the parts in order of weight except that `largest` comes second. */
export interface Cost {
  readonly excess: number;
  readonly largest: number;
  readonly offTarget: number;
  readonly shims: number;
  readonly moved: number;
}

/** One liner on one stack in one bore. */
export interface Option {
  readonly liner: number;
  readonly stack: number;
  readonly standOut: number;
  readonly excess: number;
  readonly offTarget: number;
  readonly shims: number;
  readonly moved: number;
}

export interface Found {
  readonly cost: Cost;
  readonly byBore: ReadonlyMap<string, Option>;
}

/** The bores from one on, filled. */
interface Filled {
  readonly option: Option;
  readonly taken: number;
  readonly open: Open;
  readonly cost: Cost;
  readonly next: Filled | null;
}

/** What bores still to come have to know of those filled; `key` tells one from another. */
interface Open {
  readonly key: string;
  readonly groups: Readonly<Record<string, readonly [number, number]>>;
  readonly used: readonly number[];
}

interface Problem {
  readonly bores: LinerArrangeInput['bores'];
  readonly options: readonly (readonly Option[])[];
  readonly stacks: readonly Stack[];
  /** 1 where heights climb towards the next bore, -1 where they fall, 0 where it does not matter. */
  readonly signs: readonly number[];
  readonly adjacent: number;
  readonly groupSpread: number;
  /** How many there are of each size, Infinity where there are enough whatever is done. */
  readonly stock: readonly number[];
  readonly counted: boolean;
}

/** How far over the limits a placement may be, and how far neighbours may differ. */
interface Bounds {
  readonly excess: number;
  readonly largest: number;
}

type Weigh = (a: Cost, b: Cost) => number;

/** States kept of each bore in the first, narrow search. */
const NARROW = 300;

const FREE: Bounds = { excess: Infinity, largest: Infinity };
const NOTHING_OPEN: Open = { key: '', groups: {}, used: [] };
const UNCHANGED = { open: NOTHING_OPEN, excess: 0 };
const ALIKE: Cost = { excess: 0, largest: 0, offTarget: 0, shims: 0, moved: 0 };

/** The best placement of all; null where no placement gives every bore a liner. */
export function best(
  input: LinerArrangeInput,
  stacks: readonly Stack[],
  onProgress: (share: number) => void = () => {},
): Found | null {
  const bores = bankByBank(input.bores);
  const options = bores.map((bore) => optionsOf(input, stacks, bore));
  const directions = directionsOf(input, bores);
  const ample = input.shims.map(() => Infinity);
  const short = input.shims.map(({ count }) =>
    count >= bores.length * input.maxShims ? Infinity : count,
  );
  const limits = {
    adjacent: millionths(input.limits.adjacentMm),
    groupSpread: millionths(input.limits.groupSpreadMm),
  };
  const among = (stock: readonly number[]): Filled | null =>
    directions.reduce<Filled | null>((found, signs, at) => {
      const counted = stock.some(Number.isFinite);
      const problem = { bores, options, stacks, signs, stock, counted, ...limits };
      const share = (done: number): void => onProgress((at + done) / directions.length);
      return better(found, solved(problem, found?.cost ?? FREE, share), byAll);
    }, null);
  // Most shops have shims enough: only when the best of all would need more are they counted.
  const unbound = among(ample);
  const found = unbound && isInStock(unbound, stacks, short) ? unbound : among(short);
  if (!found) return null;
  const byBore = new Map(sequence(found).map((option, at) => [bores[at]?.id ?? '', option]));
  return { cost: found.cost, byBore };
}

function millionths(mm: number | undefined): number {
  return mm === undefined ? Infinity : inMillionths(mm);
}

/** Bores grouped by bank, so that neighbours stand side by side. */
function bankByBank(bores: LinerArrangeInput['bores']): LinerArrangeInput['bores'] {
  const banks = [...new Set(bores.map(({ bank }) => bank))];
  return banks.flatMap((bank) => bores.filter((bore) => bore.bank === bank));
}

function optionsOf(
  { liners, limits, targetMm }: LinerArrangeInput,
  stacks: readonly Stack[],
  bore: LinerArrangeInput['bores'][number],
): readonly Option[] {
  const [low, high] = [inMillionths(limits.lowMm), inMillionths(limits.highMm)];
  const target = inMillionths(targetMm ?? (limits.lowMm + limits.highMm) / 2);
  return liners.flatMap(({ id, flangeMm, onlyBore }, liner) => {
    if (onlyBore !== undefined && onlyBore !== bore.id) return [];
    return stacks.map(({ totalMm, shimsMm }, stack) => {
      const standOut = inMillionths(flangeMm - bore.counterboreMm + totalMm);
      return {
        liner,
        stack,
        standOut,
        excess: Math.max(0, low - standOut, standOut - high),
        offTarget: Math.abs(standOut - target),
        shims: shimsMm.length,
        moved: id === bore.id ? 0 : 1,
      };
    });
  });
}

/** The ways heights may run: one, or where either way will do, up and down for each bank. */
function directionsOf(
  { rise }: LinerArrangeInput,
  bores: LinerArrangeInput['bores'],
): readonly (readonly number[])[] {
  const banks = [...new Set(bores.map(({ bank }) => bank))];
  const signs = { none: [0], up: [1], down: [-1], either: [1, -1] }[rise];
  const ofBanks = banks.reduce<number[][]>(
    (ways) => ways.flatMap((way) => signs.map((sign) => [...way, sign])),
    [[]],
  );
  return ofBanks.map((way) => bores.map(({ bank }) => way[banks.indexOf(bank)] ?? 0));
}

/**
 * Within limits if that can be; else with the least excess. A narrow search first, which may miss the
 * best, says how good it is at least: nothing worse need be looked at.
 * @param bounds of what was found before, for heights running another way
 */
function solved(
  problem: Problem,
  bounds: Bounds,
  onProgress: (share: number) => void,
): Filled | null {
  const narrow = filled(problem, bounds, byExcess, NARROW);
  const { excess, largest } = narrow?.cost ?? bounds;
  if (excess === 0) return refined(problem, { excess, largest }, onProgress);
  return (
    refined(problem, { excess: 0, largest: Infinity }, onProgress) ??
    refined(problem, { excess, largest: Infinity }, onProgress)
  );
}

/** First how little neighbours can differ; then, neighbours differing no more, the rest. */
function refined(
  problem: Problem,
  bounds: Bounds,
  onProgress: (share: number) => void,
): Filled | null {
  const first = filled(problem, bounds, byExcess, Infinity, (share) => onProgress(share / 2));
  if (!first) return null;
  const { excess, largest } = first.cost;
  const rest = (share: number): void => onProgress(0.5 + share / 2);
  return filled(problem, { excess, largest }, byRest, Infinity, rest);
}

const byExcess: Weigh = (a, b) => a.excess - b.excess || a.largest - b.largest;
const byRest: Weigh = (a, b) =>
  a.excess - b.excess || a.offTarget - b.offTarget || a.shims - b.shims || a.moved - b.moved;
const byAll: Weigh = (a, b) => a.excess - b.excess || a.largest - b.largest || byRest(a, b);

/**
 * The best filling of all bores within bounds; null when there is none.
 * @param width most states kept of each bore: the best, where not all are
 */
function filled(
  problem: Problem,
  bounds: Bounds,
  weigh: Weigh,
  width: number,
  onProgress: (share: number) => void = () => {},
): Filled | null {
  const { bores, options } = problem;
  // Fillings side by side that begin with the same liner on the same stack.
  let layer: readonly Alike[] | null = null;
  for (let at = bores.length - 1; at >= 0; at -= 1) {
    const fitted: Alike[] = [];
    for (const option of options[at] ?? []) {
      if (option.excess > bounds.excess) continue;
      const states = new Map<string | number, Filled>();
      for (const following of layer ?? [ALONE]) {
        const step = stepTo(problem, at, option, following.option);
        if (!step || step.apart > bounds.largest || step.excess > bounds.excess) continue;
        for (const next of following.fillings) {
          const one = fillOne(problem, at, option, next, step, bounds);
          if (!one) continue;
          const key = one.open.key === '' ? one.taken : `${one.taken}/${one.open.key}`;
          const known = states.get(key);
          if (!known || isBetter(one, known, weigh)) states.set(key, one);
        }
      }
      fitted.push({ option, fillings: [...states.values()] });
    }
    layer = bestOf(fitted, width, weigh);
    onProgress((bores.length - at) / bores.length);
  }
  return (layer ?? [])
    .flatMap(({ fillings }) => fillings)
    .reduce<Filled | null>((found, entry) => better(found, entry, weigh), null);
}

interface Alike {
  readonly option: Option | null;
  readonly fillings: readonly (Filled | null)[];
}

/** Behind the last bore. */
const ALONE = { option: null, fillings: [null] } as const;

/** The best of a bore's states where there are more than are kept. */
function bestOf(layer: readonly Alike[], width: number, weigh: Weigh): readonly Alike[] {
  const all = layer.flatMap(({ fillings }) => fillings).filter((entry) => entry !== null);
  if (all.length <= width) return layer;
  const stored = new Set(all.sort((a, b) => weigh(a.cost, b.cost)).slice(0, width));
  return layer.map(({ option, fillings }) => ({
    option,
    fillings: fillings.filter((item) => item !== null && stored.has(item)),
  }));
}

/** From a bore to the next: how far apart they stand, and what that exceeds. */
interface Step {
  readonly apart: number;
  readonly excess: number;
}

const NO_STEP: Step = { apart: 0, excess: 0 };

/** Null where one liner would stand in both. */
function stepTo(
  { bores, adjacent, signs }: Problem,
  at: number,
  option: Option,
  next: Option | null,
): Step | null {
  if (!next) return NO_STEP;
  if (next.liner === option.liner) return null;
  if (bores[at]?.bank !== bores[at + 1]?.bank) return NO_STEP;
  const rise = next.standOut - option.standOut;
  const apart = Math.abs(rise);
  const fall = -rise * (signs[at] ?? 0) - EQUAL_HEIGHT_MM * 1e6;
  return { apart, excess: Math.max(0, apart - adjacent) + Math.max(0, fall) };
}

/** A bore filled before those that are; null where that cannot be, or goes beyond the bounds. */
function fillOne(
  problem: Problem,
  at: number,
  option: Option,
  next: Filled | null,
  step: Step,
  bounds: Bounds,
): Filled | null {
  const bit = 1 << option.liner;
  const taken = next?.taken ?? 0;
  if ((taken & bit) !== 0) return null;
  const before = next?.cost ?? ALIKE;
  const excess = before.excess + option.excess + step.excess;
  if (excess > bounds.excess) return null;
  const opened = openAfter(problem, at, option, next?.open ?? NOTHING_OPEN);
  if (!opened || excess + opened.excess > bounds.excess) return null;
  return {
    option,
    taken: taken | bit,
    open: opened.open,
    cost: {
      excess: excess + opened.excess,
      largest: Math.max(before.largest, step.apart),
      offTarget: before.offTarget + option.offTarget,
      shims: before.shims + option.shims,
      moved: before.moved + option.moved,
    },
    next,
  };
}

/** What stays open once a bore is filled, and by how much its head group now spreads further. */
function openAfter(
  { bores, stacks, groupSpread, stock, counted }: Problem,
  at: number,
  { standOut, stack }: Option,
  before: Open,
): { readonly open: Open; readonly excess: number } | null {
  const group = groupSpread === Infinity ? undefined : bores[at]?.headGroup;
  if (!counted && group === undefined && before.key === '') {
    return UNCHANGED;
  }
  const used = stock.map((most, size) =>
    most === Infinity ? 0 : (before.used[size] ?? 0) + (stacks[stack]?.uses[size] ?? 0),
  );
  if (used.some((count, size) => count > (stock[size] ?? 0))) return null;
  const groups = { ...before.groups };
  let excess = 0;
  if (group !== undefined) {
    const [low, high] = groups[group] ?? [standOut, standOut];
    const over = (spread: number): number => Math.max(0, spread - groupSpread);
    const wider = [Math.min(low, standOut), Math.max(high, standOut)] as const;
    excess = over(wider[1] - wider[0]) - over(high - low);
    groups[group] = wider;
    const goesOn = bores.slice(0, at).some(({ headGroup }) => headGroup === group);
    if (!goesOn) delete groups[group];
  }
  const key = `${JSON.stringify(groups)}${counted ? used.join() : ''}`;
  return { open: { key: key === '{}' ? '' : key, groups, used }, excess };
}

function better(a: Filled | null, b: Filled | null, weigh: Weigh): Filled | null {
  if (!a || !b) return a ?? b;
  return isBetter(b, a, weigh) ? b : a;
}

/** Lighter, or as light and earlier in the lists. */
function isBetter(filled: Filled, other: Filled, weigh: Weigh): boolean {
  const difference = weigh(filled.cost, other.cost);
  return difference < 0 || (difference === 0 && isEarlier(filled, other));
}

function isEarlier(filled: Filled, other: Filled): boolean {
  let [a, b]: [Filled | null, Filled | null] = [filled, other];
  while (a && b && a !== b) {
    const first = a.option.liner - b.option.liner || a.option.stack - b.option.stack;
    if (first !== 0) return first < 0;
    [a, b] = [a.next, b.next];
  }
  return false;
}

function sequence(filling: Filled): readonly Option[] {
  return [filling.option, ...(filling.next ? sequence(filling.next) : [])];
}

function isInStock(filling: Filled, stacks: readonly Stack[], stock: readonly number[]): boolean {
  return stock.every((most, size) => {
    const used = sequence(filling).reduce(
      (sum, { stack }) => sum + (stacks[stack]?.uses[size] ?? 0),
      0,
    );
    return used <= most;
  });
}
