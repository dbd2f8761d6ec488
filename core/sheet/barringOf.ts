import type { Overhead, OverheadItem } from '../overhead/barringInput';
import type { BarringPlan } from '../overhead/barringPlan';
import { barringBySchool, SCHOOLS, type BarringSchool } from '../overhead/schools';
import { cycleWindows } from './cycleWindows';
import type { EngineSheet } from './engineSheet';
import { memoizeByObject } from './memoize';
import { overheadOf, type OverheadLack } from './overheadOf';
import type { SettingItem } from './settingItems';

/** What is set on this engine, as the barring reckonings take it; or what the sheet lacks for them. */
export function overheadFor(
  sheet: EngineSheet,
  items: readonly SettingItem[],
): Overhead | OverheadLack {
  const valves = overheadOf(sheet);
  if (typeof valves === 'string') return valves;
  const windows = cycleWindows(sheet);
  return {
    ...valves,
    items: items.flatMap(({ id, cylinder, kind }): OverheadItem[] => {
      const window = windows.find(({ what }) => what === kind);
      if (!window) return [];
      const { fromDeg, toDeg } = window;
      return [{ id, cylinder, kind, active: { fromDeg, toDeg } }];
    }),
  };
}

export interface PlanAsked {
  readonly school: BarringSchool;
  /** What is left to set. */
  readonly items: readonly SettingItem[];
  /** Where the crank stood when it was asked for. */
  readonly startDeg: number;
}

/**
 * The plan of a school for what is left to set; worked out once for each sheet and question.
 * @returns null where the school does not fit this engine, or the sheet lacks something
 */
export function barringOf(
  sheet: EngineSheet,
  { school, items, startDeg }: PlanAsked,
): BarringPlan | null {
  const plans = plansOf(sheet);
  const key = `${school} ${startDeg} ${items.map(({ id }) => id).join(' ')}`;
  const known = plans.get(key);
  if (known !== undefined) return known;
  const overhead = overheadFor(sheet, items);
  const book = sheet.overhead?.bookTable?.positions;
  const plan =
    typeof overhead === 'string' || overhead.items.length === 0
      ? null
      : barringBySchool(school, overhead, { startDeg, ...(book && { book }) });
  plans.set(key, plan);
  return plan;
}

const plansOf = memoizeByObject((_: EngineSheet) => new Map<string, BarringPlan | null>());

/** The schools that fit this engine, each with its plan, the usual one first. */
export function schoolsFor(
  sheet: EngineSheet,
  asked: Omit<PlanAsked, 'school'>,
): readonly { readonly school: BarringSchool; readonly plan: BarringPlan }[] {
  return SCHOOLS.flatMap((school) => {
    const plan = barringOf(sheet, { ...asked, school });
    return plan && plan.positions.length > 0 ? [{ school, plan }] : [];
  });
}
