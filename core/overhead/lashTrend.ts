import { mean } from '../quantity/mean';
import {
  ReckoningFault,
  requireNotNegative,
  requireNumber,
  requireSome,
} from '../quantity/reckoningFault';
import { atMost, inMillionths } from '../quantity/withinLimits';
import { studentWithin } from './trend/studentT';

/** One gap at one overhaul. */
export interface LashReading {
  readonly hours: number;
  /** As found. */
  readonly mm: number;
  /** As left; absent where it was left as it was found. */
  readonly setMm?: number;
}

export interface LashTrendInput {
  /** In the order they were taken. */
  readonly readings: readonly LashReading[];
  /** The gap at which the valve is no longer safe to run: its least. */
  readonly closesAtMm: number;
}

export type LashTrend = { readonly readings: number } & (
  | { readonly code: 'fewer-than-three' | 'same-hours' }
  | ({ readonly code: 'not-closing' | 'slope-not-sure' } & Fit)
  | ({ readonly code: 'closing' } & Fit & Reaches)
  /** Nothing but the last gap is needed to know that; what the readings tell besides comes with it. */
  | ({ readonly code: 'already-closed' } & Partial<Fit & Reaches>)
);

interface Reaches {
  /** When the line reaches the limit. */
  readonly atHours: number;
  /** Between which hours nine of ten such lines would. */
  readonly lowHours: number;
  readonly highHours: number;
}

interface Fit {
  readonly slopeMmPer1000h: number;
  readonly slopeErrorMmPer1000h: number;
  /** How much of what the readings differ by the line explains. */
  readonly r2: number;
}

const FEWEST = 3;
const BAND = 0.9;

/**
 * How fast a gap closes, and when it will have: a closing exhaust gap is a sinking seat.
 *
 * Setting a gap again hides the wear, so each reading is taken less what had been set before it, and the
 * limit moved by the same. A straight line by least squares; its slope with the standard error on n − 2
 * degrees of freedom; the hours at the limit with their 90 % band by Fieller's theorem.
 *
 * `already-closed`: left at or below its limit, before anything else is asked; or the line is there.
 * `not-closing`: it stays or opens. `slope-not-sure`: the readings scatter too much for their slope to
 * be told from none, and no hours are given.
 * @throws ReckoningFault naming the field; hours that fall
 * @example
 * // Four readings over 6300 h, set again between: it closes 0.019 mm a thousand hours, and is at 0.20 by about 16 830 h.
 * lashTrend({ readings, closesAtMm: 0.2 }).code // 'closing'
 */
export function lashTrend({ readings, closesAtMm }: LashTrendInput): LashTrend {
  requireTrend(readings, closesAtMm);
  const trend = trendOf({ readings, closesAtMm });
  const last = readings.at(-1);
  return atMost(last?.setMm ?? last?.mm ?? 0, closesAtMm)
    ? { ...trend, code: 'already-closed' }
    : trend;
}

/** What the line through the readings says, whatever the last gap is. */
function trendOf({ readings, closesAtMm }: LashTrendInput): LashTrend {
  const count = { readings: readings.length };
  if (readings.length < FEWEST) return { code: 'fewer-than-three', ...count };
  const hours = readings.map((reading) => reading.hours);
  const [meanHours, least, most] = [mean(hours), hours[0] ?? 0, hours.at(-1) ?? 0];
  if (inMillionths(least) === inMillionths(most)) return { code: 'same-hours', ...count };
  let raised = 0;
  const worn = readings.map(({ mm, setMm }) => {
    const bare = mm - raised;
    if (setMm !== undefined) raised += setMm - mm;
    return bare;
  });
  const meanWorn = mean(worn);
  const limit = closesAtMm - raised;
  const sum = (make: (place: number) => number): number =>
    readings.reduce((total, _, place) => total + make(place), 0);
  const dx = (place: number): number => (hours[place] ?? 0) - meanHours;
  const dy = (place: number): number => (worn[place] ?? 0) - meanWorn;
  const sxx = sum((place) => dx(place) ** 2);
  const slope = sum((place) => dx(place) * dy(place)) / sxx;
  const residual = sum((place) => (dy(place) - slope * dx(place)) ** 2);
  const whole = sum((place) => dy(place) ** 2);
  const freedom = readings.length - 2;
  const variance = residual / freedom;
  const fit = {
    slopeMmPer1000h: slope * 1000,
    slopeErrorMmPer1000h: Math.sqrt(variance / sxx) * 1000,
    // A level line explains all there is, which is nothing.
    r2: inMillionths(whole) === 0 ? 1 : Math.max(0, 1 - residual / whole),
  };
  if (inMillionths(fit.slopeMmPer1000h) >= 0) return { code: 'not-closing', ...count, ...fit };
  const t = studentWithin(BAND, freedom);
  // Fieller: a θ² − 2 b θ + c <= 0, θ counted from the mean of the hours.
  const a = slope ** 2 - (t ** 2 * variance) / sxx;
  if (a <= 0) return { code: 'slope-not-sure', ...count, ...fit };
  const drop = limit - meanWorn;
  const b = slope * drop;
  const c = drop ** 2 - (t ** 2 * variance) / readings.length;
  const root = Math.sqrt(Math.max(0, b ** 2 - a * c));
  const atHours = meanHours + drop / slope;
  return {
    code: atMost(atHours, most) ? 'already-closed' : 'closing',
    ...count,
    ...fit,
    atHours,
    lowHours: meanHours + (b - root) / a,
    highHours: meanHours + (b + root) / a,
  };
}

function requireTrend(readings: LashTrendInput['readings'], closesAtMm: number): void {
  requireSome('readings', readings);
  requireNumber('closesAtMm', closesAtMm);
  readings.forEach(({ hours, mm, setMm }, at) => {
    requireNotNegative(`readings[${at}].hours`, hours);
    requireNotNegative(`readings[${at}].mm`, mm);
    if (setMm !== undefined) requireNotNegative(`readings[${at}].setMm`, setMm);
    if (at > 0 && hours < (readings[at - 1]?.hours ?? 0))
      throw new ReckoningFault(`readings[${at}].hours`, 'must-not-fall');
  });
}
