import {
  ReckoningFault,
  requireAtMost,
  requireNotNegative,
  requireNumber,
  requirePositive,
} from '../quantity/reckoningFault';
import { atLeast, atMost } from '../quantity/withinLimits';
import {
  slopesAlong,
  STEPS_A_WINDOW,
  type TraceSample,
  type TraceWindow,
} from './trace/slopesAlong';

export type { TraceSample } from './trace/slopesAlong';

export interface TraceVerdictInput {
  /** Torque by angle, the angle rising. */
  readonly samples: readonly TraceSample[];
  readonly plan: {
    /** The torque at which the bolt counts as seated, and from which turns are counted. */
    readonly snugNm: number;
    /** The turn asked for; beside `finalNm`, the turn by which that torque is expected. */
    readonly angleDeg?: number;
    /** The torque to be pulled to. */
    readonly finalNm?: number;
    /** What the torque may be at the end of the turn. */
    readonly lowNm?: number;
    readonly highNm?: number;
  };
}

export type TraceFault = 'yielding' | 'bottomed' | 'soft' | 'stick-slip' | 'short' | 'over';

export interface TraceVerdict {
  readonly verdict: 'sound' | TraceFault;
  /** Where it began to clamp; null when it never did. */
  readonly seatedAt: TraceSample | null;
  /** Past its seat. */
  readonly turnedDeg: number;
  readonly peakNm: number;
  /** Of the straight part, newton metres for each degree; null when it never seated. */
  readonly slopeNmPerDeg: number | null;
  /** Where it began to stretch for good; null when it did not. */
  readonly yieldedAt: TraceSample | null;
  /** How often the torque fell back on the way up from its seat. */
  readonly drops: number;
}

/** By what a trace is judged. */
export const TRACE_THRESHOLDS = {
  /** A fall of this share of the highest torque so far counts as a drop. */
  dropShare: 0.04,
  /** So many drops make stick and slip. */
  dropsForStickSlip: 3,
  /** Stretching for good: the slope has fallen to this share of its steepest, and stays there. */
  yieldSlopeShare: 0.55,
  /** Bottomed: the slope becomes so many times as steep from one sixth of the turn to the next. */
  bottomedSlopeTimes: 1.9,
  /** Bottomed: a turn of less than this share of the expected one reached the torque. */
  bottomedTurnShare: 0.6,
  /** Bottomed: the highest torque allowed was passed before this share of the turn. */
  bottomedBeforeShare: 0.85,
  /** Soft: it took so many times the expected turn. */
  softTurnTimes: 1.5,
  /** Short of the turn, or beyond it, by more than so many degrees. */
  shortDeg: 4,
  overDeg: 6,
  /** Short of the torque, or beyond it, by more than this share. */
  shortShare: 0.03,
  overShare: 0.06,
} as const;

/** Fewer samples past the seat than this say nothing of a slope. */
export const FEWEST_PAST_SEAT = 6;
export const MOST_SAMPLES = 20_000;

/**
 * What a torque-by-angle trace says of a bolt: where it seated, how steeply it clamped, where it began
 * to stretch for good, and the first of these that holds: stick and slip, bottomed in its hole,
 * stretching for good where that is not meant, short, soft, over; else sound. Stretching is meant
 * where a turn is asked, and the torque at its end is within what was printed for it.
 * @throws ReckoningFault naming the field
 * @example
 * // Seats at 10 N·m, rises by 1 N·m a degree, and from 59 N·m on rises by less where no stretching is meant.
 * traceVerdict(input).verdict // 'yielding'
 */
export function traceVerdict({ samples, plan }: TraceVerdictInput): TraceVerdict {
  requireTrace(samples, plan);
  const peakNm = Math.max(...samples.map(({ nm }) => nm));
  const seatedAt = seatOf(samples, plan.snugNm);
  const unseated = { seatedAt, turnedDeg: 0, peakNm, slopeNmPerDeg: null, yieldedAt: null };
  if (!seatedAt) return { verdict: 'short', ...unseated, drops: 0 };
  const past = [seatedAt, ...samples.filter(({ deg }) => deg > seatedAt.deg)];
  const turnedDeg = (past.at(-1)?.deg ?? seatedAt.deg) - seatedAt.deg;
  // Before it seats, a locking nut drags and a thread rubs unevenly: that is not stick and slip.
  const drops = dropsIn(past);
  if (past.length < FEWEST_PAST_SEAT) return { verdict: 'short', ...unseated, turnedDeg, drops };
  const windows = slopesAlong(risen(past));
  const yieldedAt = yieldIn(windows);
  const facts: Facts = { past, plan, peakNm, turnedDeg, drops, windows, yieldedAt };
  return {
    verdict: faultOf(facts) ?? 'sound',
    seatedAt,
    turnedDeg,
    peakNm,
    slopeNmPerDeg: slopeOf(windows, yieldedAt),
    yieldedAt,
    drops,
  };
}

interface Facts {
  readonly past: readonly TraceSample[];
  readonly plan: TraceVerdictInput['plan'];
  readonly peakNm: number;
  readonly turnedDeg: number;
  readonly drops: number;
  readonly windows: readonly TraceWindow[];
  readonly yieldedAt: TraceSample | null;
}

const T = TRACE_THRESHOLDS;

function faultOf(facts: Facts): TraceFault | null {
  const { plan, peakNm, turnedDeg, drops, yieldedAt } = facts;
  const { angleDeg, finalNm } = plan;
  if (drops >= T.dropsForStickSlip) return 'stick-slip';
  if (isBottomed(facts)) return 'bottomed';
  const byTurn = angleDeg !== undefined && finalNm === undefined;
  if (yieldedAt && !(byTurn && endsWithin(facts))) return 'yielding';
  if (byTurn && !atLeast(turnedDeg, angleDeg - T.shortDeg)) return 'short';
  if (isSoft(facts)) return 'soft';
  if (finalNm !== undefined && !atLeast(peakNm, finalNm * (1 - T.shortShare))) return 'short';
  if (finalNm !== undefined && !atMost(peakNm, finalNm * (1 + T.overShare))) return 'over';
  if (byTurn && !atMost(turnedDeg, angleDeg + T.overDeg)) return 'over';
  return plan.highNm !== undefined && !atMost(peakNm, plan.highNm) ? 'over' : null;
}

/** Steeper all at once, or at its torque far too early: the end of the bolt stands on the hole. */
function isBottomed({ past, plan, turnedDeg, peakNm, windows }: Facts): boolean {
  const { angleDeg, finalNm, highNm } = plan;
  const steps = windows.filter((_, at) => at % STEPS_A_WINDOW === 0);
  const knee = steps.some((window, at) => {
    const before = steps[at - 1];
    return (
      before !== undefined && before.slope > 0 && window.slope > before.slope * T.bottomedSlopeTimes
    );
  });
  if (knee) return true;
  if (angleDeg === undefined) return false;
  if (finalNm !== undefined) {
    // A wrench that stops within its own share of the value has arrived.
    const arrived = atLeast(peakNm, finalNm * (1 - T.shortShare));
    return arrived && turnedDeg < angleDeg * T.bottomedTurnShare;
  }
  const from = past[0]?.deg ?? 0;
  const passed = past.find(({ nm }) => highNm !== undefined && nm > highNm);
  return passed !== undefined && passed.deg - from < angleDeg * T.bottomedBeforeShare;
}

/** Too little torque for the turn, or too much turn for the torque, and never straight stretching. */
function isSoft({ plan, turnedDeg, past }: Facts): boolean {
  const { angleDeg, finalNm, lowNm } = plan;
  if (angleDeg === undefined) return false;
  if (finalNm !== undefined) return turnedDeg > angleDeg * T.softTurnTimes;
  const ended = past.at(-1)?.nm ?? 0;
  return lowNm !== undefined && !atLeast(ended, lowNm);
}

/** Is the torque at the end of the turn one that was printed for it? */
function endsWithin({ plan: { lowNm, highNm }, past }: Facts): boolean {
  const ended = past.at(-1)?.nm ?? 0;
  if (lowNm === undefined && highNm === undefined) return false;
  return atLeast(ended, lowNm ?? 0) && atMost(ended, highNm ?? Infinity);
}

/** The first place at the snug torque after which it never falls back to half of it. */
function seatOf(samples: readonly TraceSample[], snugNm: number): TraceSample | null {
  const lastLoose = samples.findLastIndex(({ nm }) => nm < snugNm / 2);
  const at = samples.findIndex(({ nm }, place) => place > lastLoose && nm >= snugNm);
  const current = samples[at];
  if (!current) return null;
  const before = samples[at - 1];
  if (!before || before.nm >= snugNm) return current;
  const share = (snugNm - before.nm) / (current.nm - before.nm);
  return { deg: before.deg + share * (current.deg - before.deg), nm: snugNm };
}

/** The highest torque so far at each place: letting go and taking up again is not part of the slope. */
function risen(samples: readonly TraceSample[]): readonly TraceSample[] {
  let highest = 0;
  return samples.map(({ deg, nm }) => {
    highest = Math.max(highest, nm);
    return { deg, nm: highest };
  });
}

/** How often the torque fell well below the highest so far, and came up again. */
function dropsIn(samples: readonly TraceSample[]): number {
  let highest = 0;
  let down = false;
  let drops = 0;
  for (const { nm } of samples) {
    if (!down && nm < highest * (1 - T.dropShare)) {
      down = true;
      drops += 1;
    }
    if (nm >= highest * (1 - T.dropShare / 2)) down = false;
    highest = Math.max(highest, nm);
  }
  return drops;
}

/** The first window past the steepest that is far flatter, with none steep again after it. */
function yieldIn(windows: readonly TraceWindow[]): TraceSample | null {
  const steepest = windows.reduce(
    (best, window, at) => (window.slope > best.slope ? { ...window, at } : best),
    { slope: -Infinity, at: 0 },
  );
  const flat = (window: TraceWindow): boolean => window.slope < steepest.slope * T.yieldSlopeShare;
  const after = windows.slice(steepest.at + 1);
  const lastSteep = after.findLastIndex((window) => !flat(window));
  const first = after[lastSteep + 1];
  return first && flat(first) ? first.from : null;
}

/** The middle one of the slopes before it yields. */
function slopeOf(windows: readonly TraceWindow[], yieldedAt: TraceSample | null): number {
  const straight = windows.filter(({ from }) => !yieldedAt || from.deg < yieldedAt.deg);
  const slopes = straight.map(({ slope }) => slope).sort((a, b) => a - b);
  return slopes[Math.floor(slopes.length / 2)] ?? 0;
}

function requireTrace(samples: readonly TraceSample[], plan: TraceVerdictInput['plan']): void {
  if (samples.length < FEWEST_PAST_SEAT) {
    throw new ReckoningFault('samples', 'so-many', { count: FEWEST_PAST_SEAT });
  }
  requireAtMost('samples', samples.length, MOST_SAMPLES);
  samples.forEach(({ deg, nm }, at) => {
    requireNumber(`samples[${at}].deg`, deg);
    requireNotNegative(`samples[${at}].nm`, nm);
    const before = samples[at - 1];
    if (before && deg <= before.deg) throw new ReckoningFault(`samples[${at}].deg`, 'must-turn-on');
  });
  requirePositive('plan.snugNm', plan.snugNm);
  for (const field of ['angleDeg', 'finalNm', 'lowNm', 'highNm'] as const) {
    const value = plan[field];
    if (value !== undefined) requirePositive(`plan.${field}`, value);
  }
  if (plan.angleDeg === undefined && plan.finalNm === undefined) {
    throw new ReckoningFault('plan.angleDeg', 'missing-partner');
  }
  if (plan.lowNm !== undefined && plan.highNm !== undefined && plan.lowNm > plan.highNm) {
    throw new ReckoningFault('plan.highNm', 'range-upside-down');
  }
}
