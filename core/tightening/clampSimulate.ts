import {
  ReckoningFault,
  requireAtMost,
  requireDistinct,
  requireNotNegative,
  requireNumber,
  requirePositive,
  requireSome,
  requireWhole,
} from '../quantity/reckoningFault';
import { seeded } from '../quantity/seeded';
import { requireOrder, requirePlaced, type PlacedFastener } from './orderPropose';

/**
 * One round over all bolts. `load`: each is brought to a clamp, one already above is left. `angle`: each
 * is turned by so much. `slacken`: all are let go. `scatter` is one standard deviation as a share of
 * what is aimed at: about 0.1 to 0.2 by torque, 0.03 to 0.08 by angle, 0.02 to 0.05 by jack.
 */
export type ClampStage =
  | ({ readonly kind: 'load'; readonly kn: number } & Meant)
  | ({ readonly kind: 'angle'; readonly knPerDeg: number; readonly deg: number } & Meant)
  | { readonly kind: 'slacken' };

interface Meant {
  readonly scatter: number;
  /**
   * Bolts that get another share of it: those of another length or size; 0 for one the stage leaves
   * alone. The whole of it where a bolt is not named.
   */
  readonly shares?: readonly BoltShare[];
}

interface BoltShare {
  readonly id: string;
  readonly share: number;
}

export interface ClampSimulateInput {
  readonly fasteners: readonly PlacedFastener[];
  /** Every fastener once, in the order they are pulled; the same in all stages. */
  readonly order: readonly string[];
  readonly stages: readonly ClampStage[];
  /** What a bolt right beside would lose of each kilonewton another gains: 0 to 1. */
  readonly interaction: number;
  /** How far away the loss has fallen to about a third. */
  readonly decayMm: number;
  readonly trials: number;
  readonly seed: number;
}

/** Clamp of one bolt over all trials: the middle, and what nineteen of twenty lie above and below. */
export interface BoltClamp {
  readonly id: string;
  readonly meanKn: number;
  readonly lowKn: number;
  readonly highKn: number;
}

export interface StageClamp {
  readonly kind: ClampStage['kind'];
  readonly bolts: readonly BoltClamp[];
  /**
   * Between the tightest and the slackest bolt, on average over the trials; of bolts meant to get
   * different shares, the widest among those meant alike.
   */
  readonly spreadKn: number;
}

export interface ClampSimulate {
  readonly stages: readonly StageClamp[];
}

export const MOST_TRIALS = 20_000;
/** A bolt meant to get more than so many times its fellows is a mistake of the decimal point. */
export const MOST_SHARE = 100;
/** Pulls in all: what is worked through in a few seconds. */
const MOST_PULLS = 20_000_000;

/**
 * What the clamp of each bolt comes to, pull by pull, when every pull lets its neighbours go a little
 * and none comes out quite as meant.
 *
 * Raising bolt j by dF lowers each other loaded bolt i by interaction × exp(−distance / decay) × dF,
 * never below nothing. Scatter is drawn bolt by bolt from the seed, so that the same seed gives the
 * same answer. Of all trials the mean and the values at 5 and 95 % (nearest rank) are given.
 * @param onShare told now and then what share of the trials is done
 * @throws ReckoningFault naming the field
 * @example
 * // Ten bolts to 40 kN: the first pulled has lost the most by the end of the stage.
 * clampSimulate(input).stages[0]?.bolts.find(({ id }) => id === 'b5')?.meanKn // less than the 40 it was pulled to
 */
export function clampSimulate(
  input: ClampSimulateInput,
  onShare?: (share: number) => void,
): ClampSimulate {
  requireSimulate(input);
  const { fasteners, stages, trials } = input;
  const bolts = fasteners.length;
  const order = input.order.map((id) => fasteners.findIndex((fastener) => fastener.id === id));
  const loss = lossMatrix(input);
  const shares = stages.map((stage) => sharesOf(stage, fasteners));
  const alike = shares.map(meantAlike);
  const { normal } = seeded(input.seed);
  const clamps = stages.map(() => fasteners.map(() => new Float64Array(trials)));
  const spreads = stages.map(() => 0);
  const load = new Float64Array(bolts);
  for (let trial = 0; trial < trials; trial += 1) {
    load.fill(0);
    stages.forEach((stage, place) => {
      if (stage.kind === 'slacken') load.fill(0);
      else
        for (const bolt of order)
          pull(load, bolt, stage, (shares[place]?.[bolt] ?? 1) * strength(stage, normal()), loss);
      for (let bolt = 0; bolt < bolts; bolt += 1) {
        const column = clamps[place]?.[bolt];
        if (column) column[trial] = load[bolt] ?? 0;
      }
      spreads[place] = (spreads[place] ?? 0) + widest(load, alike[place] ?? []);
    });
    if (onShare && trial % 100 === 99) onShare((trial + 1) / trials);
  }
  return {
    stages: stages.map(({ kind }, place) => ({
      kind,
      bolts: fasteners.map(({ id }, bolt) => ({ id, ...spreadOf(clamps[place]?.[bolt]) })),
      spreadKn: (spreads[place] ?? 0) / trials,
    })),
  };
}

type Pull = Exclude<ClampStage, { kind: 'slacken' }>;

/** What share of what is meant a pull comes to; never below nothing, however wide the scatter. */
function strength({ scatter }: Pull, chance: number): number {
  return Math.max(0, 1 + scatter * chance);
}

/** Brings one bolt up, and takes from the others what they lose by it. */
function pull(
  load: Float64Array,
  bolt: number,
  stage: Pull,
  off: number,
  loss: readonly Float64Array[],
): void {
  const before = load[bolt] ?? 0;
  const after =
    stage.kind === 'load'
      ? Math.max(before, stage.kn * off)
      : before + stage.knPerDeg * stage.deg * off;
  const raised = after - before;
  load[bolt] = after;
  if (raised <= 0) return;
  const lost = loss[bolt];
  for (let other = 0; other < load.length; other += 1) {
    if (other !== bolt)
      load[other] = Math.max(0, (load[other] ?? 0) - (lost?.[other] ?? 0) * raised);
  }
}

/** Bolt by bolt, which share of a stage it gets. */
function sharesOf(stage: ClampStage, fasteners: readonly PlacedFastener[]): Float64Array {
  const named = new Map(
    stage.kind === 'slacken' ? [] : stage.shares?.map(({ id, share }) => [id, share]),
  );
  return Float64Array.from(fasteners, ({ id }) => named.get(id) ?? 1);
}

/** The places of the bolts that get the same share of a stage, share by share. */
function meantAlike(shares: Float64Array): readonly (readonly number[])[] {
  return [...new Set(shares)].map((share) =>
    [...shares.keys()].filter((bolt) => shares[bolt] === share),
  );
}

/** The widest there is between tightest and slackest among bolts meant alike. */
function widest(load: Float64Array, alike: readonly (readonly number[])[]): number {
  let wide = 0;
  for (const bolts of alike) {
    let least = Infinity;
    let most = 0;
    for (const bolt of bolts) {
      least = Math.min(least, load[bolt] ?? 0);
      most = Math.max(most, load[bolt] ?? 0);
    }
    wide = Math.max(wide, most - least);
  }
  return wide;
}

/** What each loses of each kilonewton that another gains. */
function lossMatrix({
  fasteners,
  interaction,
  decayMm,
}: ClampSimulateInput): readonly Float64Array[] {
  return fasteners.map((fastener) =>
    Float64Array.from(
      fasteners,
      (other) =>
        interaction *
        Math.exp(-Math.hypot(fastener.xMm - other.xMm, fastener.yMm - other.yMm) / decayMm),
    ),
  );
}

function spreadOf(clamps: Float64Array | undefined): Omit<BoltClamp, 'id'> {
  const sorted = Float64Array.from(clamps ?? []).sort();
  const rank = (share: number): number => sorted[Math.ceil(sorted.length * share) - 1] ?? 0;
  const sum = sorted.reduce((total, kn) => total + kn, 0);
  return { meanKn: sum / sorted.length, lowKn: rank(0.05), highKn: rank(0.95) };
}

function requireSimulate(input: ClampSimulateInput): void {
  const { fasteners, order, stages, trials } = input;
  requirePlaced(fasteners);
  requireOrder(fasteners, order);
  requireSome('stages', stages);
  stages.forEach((stage, at) => requireStage(`stages[${at}]`, stage, fasteners));
  requireShare('interaction', input.interaction);
  requirePositive('decayMm', input.decayMm);
  requireWhole('trials', trials);
  requirePositive('trials', trials);
  requireAtMost('trials', trials, MOST_TRIALS);
  if (trials * fasteners.length * stages.length > MOST_PULLS) {
    const most = Math.floor(MOST_PULLS / (fasteners.length * stages.length));
    throw new ReckoningFault('trials', 'at-most', { most });
  }
  requireNumber('seed', input.seed);
}

function requireStage(
  field: string,
  stage: ClampStage,
  fasteners: readonly PlacedFastener[],
): void {
  if (stage.kind === 'slacken') return;
  const { shares = [] } = stage;
  requireDistinct(
    `${field}.shares`,
    shares.map(({ id }) => id),
  );
  shares.forEach(({ id, share }, at) => {
    if (!fasteners.some((fastener) => fastener.id === id))
      throw new ReckoningFault(`${field}.shares[${at}].id`, 'unknown-fastener', { id });
    requireNotNegative(`${field}.shares[${at}].share`, share);
    requireAtMost(`${field}.shares[${at}].share`, share, MOST_SHARE);
  });
  requireShare(`${field}.scatter`, stage.scatter);
  if (stage.kind === 'load') return requirePositive(`${field}.kn`, stage.kn);
  requirePositive(`${field}.knPerDeg`, stage.knPerDeg);
  requirePositive(`${field}.deg`, stage.deg);
}

function requireShare(field: string, share: number): void {
  requireNotNegative(field, share);
  if (share > 1) throw new ReckoningFault(field, 'between', { low: 0, high: 1 });
}
