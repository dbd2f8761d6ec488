import { atLeast, atMost } from '../quantity/withinLimits';
import { ReckoningFault, requireNumber } from '../quantity/reckoningFault';

export type LashReading = 'found' | 'set' | 'locked' | 'hot';
export type GapVerdict = 'within' | 'tight' | 'loose' | 'no-limit';

export interface LashVerdictInput {
  readonly lowMm: number;
  readonly highMm: number;
  readonly foundMm?: number;
  readonly setMm?: number;
  readonly lockedMm?: number;
  readonly hotMm?: number;
  readonly hotLowMm?: number;
  readonly hotHighMm?: number;
}

export interface LashVerdict {
  readonly found?: GapVerdict;
  readonly set?: GapVerdict;
  readonly locked?: GapVerdict;
  readonly hot?: GapVerdict;
  /** How far the gap moved when the lock nut was pulled: locked − set. */
  readonly shiftMm?: number;
  /** The reading that counts, and its verdict; absent when nothing was read. */
  readonly counts?: {
    readonly reading: LashReading;
    readonly mm: number;
    readonly verdict: GapVerdict;
  };
}

/**
 * What each reading of one valve's gap says, and which of them counts: hot, else as locked, else
 * as set, else as found. A hot reading without a hot limit is `no-limit`: a cold limit says nothing
 * about it.
 * @throws ReckoningFault `range-upside-down`, `missing-partner`
 * @example
 * lashVerdict({ lowMm: 0.3, highMm: 0.35, foundMm: 0.42, setMm: 0.32, lockedMm: 0.34 }).counts
 * // { reading: 'locked', mm: 0.34, verdict: 'within' }
 */
export function lashVerdict(input: LashVerdictInput): LashVerdict {
  for (const [field, value] of Object.entries(input)) {
    if (value !== undefined) requireNumber(field, value);
  }
  requireRange('lowMm', 'highMm', input.lowMm, input.highMm);
  const hotLimit = hotRange(input);
  const cold = (mm: number | undefined): GapVerdict | undefined =>
    mm === undefined ? undefined : gapVerdict(mm, input.lowMm, input.highMm);
  const found = cold(input.foundMm);
  const set = cold(input.setMm);
  const locked = cold(input.lockedMm);
  const hot = input.hotMm === undefined ? undefined : hotVerdict(input.hotMm, hotLimit);
  const readings: [LashReading, number | undefined, GapVerdict | undefined][] = [
    ['hot', input.hotMm, hot],
    ['locked', input.lockedMm, locked],
    ['set', input.setMm, set],
    ['found', input.foundMm, found],
  ];
  const counting = readings.find(([, mm]) => mm !== undefined);
  return {
    ...(found && { found }),
    ...(set && { set }),
    ...(locked && { locked }),
    ...(hot && { hot }),
    ...(input.setMm !== undefined &&
      input.lockedMm !== undefined && { shiftMm: input.lockedMm - input.setMm }),
    ...(counting?.[1] !== undefined &&
      counting[2] && { counts: { reading: counting[0], mm: counting[1], verdict: counting[2] } }),
  };
}

function gapVerdict(mm: number, lowMm: number, highMm: number): GapVerdict {
  if (!atLeast(mm, lowMm)) return 'tight';
  return atMost(mm, highMm) ? 'within' : 'loose';
}

function hotVerdict(mm: number, range: { lowMm: number; highMm: number } | null): GapVerdict {
  return range === null ? 'no-limit' : gapVerdict(mm, range.lowMm, range.highMm);
}

function hotRange(input: LashVerdictInput): { lowMm: number; highMm: number } | null {
  if (input.hotLowMm === undefined && input.hotHighMm === undefined) return null;
  if (input.hotLowMm === undefined) throw new ReckoningFault('hotLowMm', 'missing-partner');
  if (input.hotHighMm === undefined) throw new ReckoningFault('hotHighMm', 'missing-partner');
  requireRange('hotLowMm', 'hotHighMm', input.hotLowMm, input.hotHighMm);
  return { lowMm: input.hotLowMm, highMm: input.hotHighMm };
}

function requireRange(lowField: string, highField: string, low: number, high: number): void {
  if (low < 0) throw new ReckoningFault(lowField, 'must-not-be-negative');
  if (low > high) throw new ReckoningFault(highField, 'range-upside-down');
}
