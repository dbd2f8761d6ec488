import {
  ReckoningFault,
  requireDistinct,
  requireNumber,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import { atLeast, atMost } from '../quantity/withinLimits';

/** What a wrench was found to give when it was checked against a reference. */
export interface CalibrationPoint {
  readonly setNm: number;
  readonly trueNm: number;
}

export interface CalibratedWrench {
  readonly id: string;
  readonly lowNm: number;
  readonly highNm: number;
  /** The steps its scale can be set in; absent where it can be set to anything. */
  readonly stepNm?: number;
  /** ISO dates, the last good check and when the next is due. */
  readonly calibratedOn?: string;
  readonly dueOn?: string;
  /** By rising setting; none for a wrench that was never checked. */
  readonly points: readonly CalibrationPoint[];
}

export interface WrenchChooseInput {
  readonly targetNm: number;
  /** The day of the pull, an ISO date. */
  readonly on: string;
  readonly wrenches: readonly CalibratedWrench[];
}

export interface WrenchSetting {
  readonly id: string;
  /** What to set it to, in its own steps. */
  readonly settingNm: number;
  /** What it then gives, less the target. */
  readonly errorNm: number;
  readonly inRange: boolean;
  readonly inDate: boolean;
  /** `unknown` where a date is missing: never taken for in date. */
  readonly dates: 'in-date' | 'out-of-date' | 'unknown';
  /** The target lies beyond what was checked; the ratio at the nearer end was kept. */
  readonly beyondPoints: boolean;
  /** Where the setting lies in the range: 0 at its low end, 0.5 in the middle, 1 at its high end. */
  readonly shareOfRange: number;
}

interface WrenchChoice {
  /** Best first. */
  readonly wrenches: readonly WrenchSetting[];
  /** The first, when it is in range and in date. */
  readonly choice: WrenchSetting | null;
}

/**
 * What to set each wrench to for a true value, and which to take.
 *
 * The setting is the one whose interpolated true value is the target; beyond the points the ratio of
 * the nearer end is kept; without points it is the target itself. It is rounded to the wrench's
 * steps, counted from 0, a half down, and the range is tested on that. Sorted by in date, in range,
 * nearness to the middle of the range (as a share of the range, because a wrench's error grows
 * towards both ends of its own scale), then id.
 * @throws ReckoningFault on an empty list, a repeated id, dates that are none, points that do not rise
 * @example
 * // Found to give 81.8 where 80 is set: for 85 it is set to 83, and is 0.13 short.
 * wrenchChoose({ targetNm: 85, on: '2026-06-15', wrenches }).choice?.settingNm // 83
 */
export function wrenchChoose(input: WrenchChooseInput): WrenchChoice {
  requirePositive('targetNm', input.targetNm);
  requireDate('on', input.on);
  requireSome('wrenches', input.wrenches);
  requireDistinct(
    'wrenches',
    input.wrenches.map((w) => w.id),
  );
  const wrenches = input.wrenches.map((wrench, place) => {
    requireWrench(`wrenches[${place}]`, wrench);
    return settingFor(wrench, input.targetNm, input.on);
  });
  wrenches.sort(byMerit);
  const [first] = wrenches;
  return { wrenches, choice: first?.inDate && first.inRange ? first : null };
}

/** Does a setting lie in a wrench's range, its ends counted in? */
export function reaches(
  { lowNm, highNm }: Pick<CalibratedWrench, 'lowNm' | 'highNm'>,
  nm: number,
): boolean {
  return atLeast(nm, lowNm) && atMost(nm, highNm);
}

/** What to set one wrench to for a true value, and how far off it then is. */
export function settingFor(wrench: CalibratedWrench, targetNm: number, on: string): WrenchSetting {
  const { setNm, beyondPoints } = settingGiving(targetNm, wrench.points);
  const settingNm = toStep(setNm, wrench.stepNm);
  const dates = datesOn(wrench, on);
  return {
    id: wrench.id,
    settingNm,
    errorNm: trueAt(settingNm, wrench.points) - targetNm,
    inRange: reaches(wrench, settingNm),
    inDate: dates === 'in-date',
    dates,
    beyondPoints,
    shareOfRange: (settingNm - wrench.lowNm) / (wrench.highNm - wrench.lowNm),
  };
}

function byMerit(a: WrenchSetting, b: WrenchSetting): number {
  const fromMiddle = (w: WrenchSetting): number => Math.abs(w.shareOfRange - 0.5);
  return (
    Number(b.inDate) - Number(a.inDate) ||
    Number(b.inRange) - Number(a.inRange) ||
    fromMiddle(a) - fromMiddle(b) ||
    (a.id < b.id ? -1 : 1)
  );
}

function datesOn({ calibratedOn, dueOn }: CalibratedWrench, on: string): WrenchSetting['dates'] {
  // ISO dates stand in the order of time when they stand in the order of letters.
  if ((calibratedOn !== undefined && on < calibratedOn) || (dueOn !== undefined && on > dueOn))
    return 'out-of-date';
  return calibratedOn === undefined || dueOn === undefined ? 'unknown' : 'in-date';
}

/** Rounds to a multiple of the step, a half down. */
function toStep(nm: number, stepNm: number | undefined): number {
  if (stepNm === undefined) return nm;
  const steps = nm / stepNm;
  // What is a half but for rounding counts as one.
  return Math.ceil(Math.round((steps - 0.5) * 1e9) / 1e9) * stepNm;
}

type Axis = keyof CalibrationPoint;

/** The setting whose true value is the target. */
function settingGiving(
  targetNm: number,
  points: readonly CalibrationPoint[],
): { setNm: number; beyondPoints: boolean } {
  const first = points[0];
  const last = points.at(-1);
  if (!first || !last) return { setNm: targetNm, beyondPoints: false };
  return {
    setNm: along(points, targetNm, 'trueNm', 'setNm'),
    beyondPoints: !atLeast(targetNm, first.trueNm) || !atMost(targetNm, last.trueNm),
  };
}

/** What a setting truly gives. */
function trueAt(setNm: number, points: readonly CalibrationPoint[]): number {
  return points.length === 0 ? setNm : along(points, setNm, 'setNm', 'trueNm');
}

/** Reads one axis of the points against the other, keeping the ratio of the nearer end outside. */
function along(points: readonly CalibrationPoint[], value: number, from: Axis, to: Axis): number {
  const after = points.findIndex((point) => point[from] >= value);
  const upper = points[after];
  const lower = points[after - 1];
  if (upper && lower) {
    const share = (value - lower[from]) / (upper[from] - lower[from]);
    return lower[to] + share * (upper[to] - lower[to]);
  }
  const end = upper ?? points.at(-1);
  return end ? value * (end[to] / end[from]) : value;
}

function requireWrench(field: string, wrench: CalibratedWrench): void {
  requireNumber(`${field}.lowNm`, wrench.lowNm);
  requirePositive(`${field}.highNm`, wrench.highNm);
  if (wrench.lowNm < 0) throw new ReckoningFault(`${field}.lowNm`, 'must-not-be-negative');
  if (wrench.lowNm >= wrench.highNm) {
    throw new ReckoningFault(`${field}.highNm`, 'range-upside-down');
  }
  if (wrench.stepNm !== undefined) requirePositive(`${field}.stepNm`, wrench.stepNm);
  if (wrench.calibratedOn !== undefined) requireDate(`${field}.calibratedOn`, wrench.calibratedOn);
  if (wrench.dueOn !== undefined) requireDate(`${field}.dueOn`, wrench.dueOn);
  if (wrench.calibratedOn && wrench.dueOn && wrench.dueOn < wrench.calibratedOn)
    throw new ReckoningFault(`${field}.dueOn`, 'due-before-check');
  wrench.points.forEach((point, place) => {
    const at = `${field}.points[${place}]`;
    requirePositive(`${at}.setNm`, point.setNm);
    requirePositive(`${at}.trueNm`, point.trueNm);
    const before = wrench.points[place - 1];
    if (!before) return;
    if (point.setNm <= before.setNm) throw new ReckoningFault(`${at}.setNm`, 'must-rise');
    if (point.trueNm <= before.trueNm) throw new ReckoningFault(`${at}.trueNm`, 'must-rise');
  });
}

const DATE = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

function requireDate(field: string, text: string): void {
  if (!DATE.test(text) || !isOnCalendar(text)) throw new ReckoningFault(field, 'not-a-date');
}

/** Is there such a day? The 31st of February reads back as the 3rd of March. */
function isOnCalendar(text: string): boolean {
  const day = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(text);
}
