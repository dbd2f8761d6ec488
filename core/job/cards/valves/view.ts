import type { CrankState } from '../../facts/crank';
import type { ValvesState } from '../../facts/valves';
import type { Overhead } from '../../../overhead/barringInput';
import type { BarringPlan, BarringPosition } from '../../../overhead/barringPlan';
import { cycleDegrees, forwardDistance } from '../../../overhead/cycle';
import { lockShift, type LockShift, type LockShiftInput } from '../../../overhead/lockShift';
import type { BarringSchool } from '../../../overhead/schools';
import { standOut, type StandOut } from '../../../overhead/standOut';
import { MINUTES_PER } from '../../../quantity/units';
import { barringOf, overheadFor, type PlanAsked } from '../../../sheet/barringOf';
import { memoizeByObject, memoizeByPair } from '../../../sheet/memoize';
import { gapTarget } from '../../../sheet/overheadOf';
import { isValve, settingItems, type SettingItem } from '../../../sheet/settingItems';
import type { EngineSheet } from '../../../sheet/engineSheet';
import type { Rotation } from '../../../sheet/spec/layout';
import type { OverheadSpec } from '../../../sheet/spec/overhead';
import type { JobSheet } from '../../scope';
import { isFeltAgain, isShimmed, itemView, type ItemView } from './item';
import { shimsAsked, type ShimsAsked } from './shims';

export interface OverheadView {
  readonly spec: OverheadSpec;
  readonly overhead: Overhead;
  readonly rotation: Rotation;
  readonly school: BarringSchool;
  readonly plan: BarringPlan;
  readonly items: readonly ItemView[];
  /** What the plan goes round for: not done when it was chosen, and to be got at now. */
  readonly planned: readonly SettingItem[];
  /** What is still asked for: all that is not done, or what is not found while gaps are only measured. */
  readonly wanted: ReadonlySet<string>;
  /** Are gaps only found for now, to be changed by shims once all are known? */
  readonly measuring: boolean;
  /** The next position with something left to set; null when all is done, or a cover comes first. */
  readonly next: BarringPosition | null;
  /** The cover that goes on before the rest can be set; null when none is next. */
  readonly coverNext: string | null;
  /** The valves that want other shims, once every gap is found; null while none does. */
  readonly shims: ShimsAsked | null;
  /** From where the crank stands to `next`; null while the crank is unknown. */
  readonly barDeg: number | null;
  /** Until when the crank is left alone, for tappets to give way; null when it may be turned. */
  readonly waitUntil: string | null;
  /**
   * All set: two turns by hand are due, or every gap is being felt once more; null before that, after it, and
   * where it is not asked.
   */
  readonly again: 'due' | 'going' | null;
  readonly doneCount: number;
  readonly provisional: boolean;
}

/**
 * Where the overhead stands, cold or at its hot recheck.
 * @returns null when the sheet has too little to plan it
 */
export function overheadView(
  sheet: JobSheet,
  valves: ValvesState,
  crank: CrankState,
  phase: 'cold' | 'hot',
): OverheadView | null {
  const known = viewsOf(sheet, valves)(crank);
  const before = known[phase];
  if (before !== undefined) return before;
  const view = viewOf(sheet, valves, crank, phase);
  known[phase] = view;
  return view;
}

/** Asked for several times at every act of a job that has an overhead. */
const viewsOf = memoizeByPair((_: JobSheet, _valves: ValvesState) =>
  memoizeByObject(
    (_crank: CrankState): { cold?: OverheadView | null; hot?: OverheadView | null } => ({}),
  ),
);

function viewOf(
  sheet: JobSheet,
  valves: ValvesState,
  crank: CrankState,
  phase: 'cold' | 'hot',
): OverheadView | null {
  const { overhead: spec, rotation } = sheet;
  const all = settingItems(sheet).filter((item) => phase === 'cold' || hasHotLimits(sheet, item));
  const overhead = overheadFor(sheet, all);
  if (!spec || !rotation || typeof overhead === 'string') return null;
  const items = all.map((item) => itemView(sheet, item, valves, phase));
  const { school = 'fewest', startDeg = 0, before } = (phase === 'cold' && valves.chosen) || {};
  // What was done before the way round was chosen is not gone back to.
  const settled = new Set(
    before
      ? all
          .map((item) => itemView(sheet, item, { ...valves, ...before }, phase))
          .filter(({ done }) => done)
          .map(({ item }) => item.id)
      : [],
  );
  const undone = new Set(items.filter(({ done }) => !done).map(({ item }) => item.id));
  const passes = passesOf(all.filter(({ id }) => !settled.has(id) || undone.has(id)));
  const pass = passes.find(({ items: own }) => own.some(({ id }) => undone.has(id))) ?? passes[0];
  const planned = pass?.items ?? all;
  const plan = planFor(sheet, { school, items: planned, startDeg }, undone);
  if (!plan) return null;
  const cycle = cycleDegrees(sheet.strokes);
  const from = crank.atDeg ?? 0;
  const ahead = (position: BarringPosition): number => forwardDistance(from, position.atDeg, cycle);
  const shims = phase === 'cold' && isShimmed(sheet) ? shimsAsked(sheet, items, valves) : null;
  // Every gap is found before any shim is changed: those taken out may serve one another.
  const unread = new Set(
    items.filter(({ readings }) => !readings.found).map(({ item }) => item.id),
  );
  const measuring = isShimmed(sheet) && phase === 'cold' && unread.size > 0;
  const wanted = measuring ? unread : undone;
  const open = plan.positions.filter((p) => p.set.some(({ id }) => wanted.has(id)));
  const cover = pass?.cover ?? null;
  const coverNext =
    cover !== null && valves.covers[cover] === undefined && undone.size > 0 ? cover : null;
  const next =
    coverNext !== null || shims !== null
      ? null
      : open.reduce<BarringPosition | null>(
          (best, position) => (best === null || ahead(position) < ahead(best) ? position : best),
          null,
        );
  return {
    spec,
    overhead,
    rotation,
    school,
    plan,
    items,
    planned,
    next,
    wanted,
    measuring,
    coverNext,
    shims,
    barDeg: next === null || crank.atDeg === null ? null : ahead(next),
    waitUntil: phase === 'cold' ? bleedUntil(sheet, valves, crank) : null,
    again: phase === 'cold' ? againOf(sheet, items, valves) : null,
    doneCount: items.length - undone.size,
    provisional: items.some(({ target }) => target?.provisional),
  };
}

/** The plan of a school; once it is worked through, that of what it could not reach. */
function planFor(
  sheet: JobSheet,
  asked: PlanAsked,
  undone: ReadonlySet<string>,
): BarringPlan | null {
  const own = barringOf(sheet, asked);
  const rest = asked.items.filter(({ id }) => own?.neverSettable.includes(id));
  const isThrough = own?.positions.every(({ set }) => set.every(({ id }) => !undone.has(id)));
  if (own && !(isThrough && rest.some(({ id }) => undone.has(id)))) return own;
  const items = own ? rest : asked.items;
  return barringOf(sheet, { ...asked, school: 'fewest', items }) ?? own;
}

interface Pass {
  /** The cover that must be on for it. */
  readonly cover: string | null;
  readonly items: readonly SettingItem[];
}

/** What can be set as it is, then what waits for each cover in turn. */
function passesOf(items: readonly SettingItem[]): readonly Pass[] {
  const covers = [...new Set(items.map(({ after }) => after ?? null))].sort((a, b) =>
    a === null ? -1 : b === null ? 1 : 0,
  );
  return covers.map((cover) => ({
    cover,
    items: items.filter(({ after }) => (after ?? null) === cover),
  }));
}

function hasHotLimits(sheet: EngineSheet, item: SettingItem): boolean {
  return gapTarget(sheet, item)?.hotLowMm !== undefined;
}

/** How far feeling every gap once more has come. */
function againOf(
  sheet: JobSheet,
  items: readonly ItemView[],
  { turned }: ValvesState,
): OverheadView['again'] {
  if (!items.some(({ item }) => isFeltAgain(sheet, item))) return null;
  if (turned) return turned.leftOut === undefined ? 'going' : null;
  return items.every(({ done }) => done) ? 'due' : null;
}

/** What locking did to the gaps of one kind before this one, and what to set because of it. */
export function shiftLearnt(
  { items }: OverheadView,
  { item }: ItemView,
  limits: Omit<LockShiftInput, 'shiftsMm'>,
): LockShift | null {
  const shiftsMm = items.flatMap((other) =>
    other.item.kind === item.kind && other.item.id !== item.id ? (other.verdict.shiftMm ?? []) : [],
  );
  return lockShift({ ...limits, shiftsMm });
}

/** An adjuster that stands out further than this is no adjuster. */
export const ADJUSTER_REACH_MM = 60;

/**
 * The adjusters that can be held against each other, and how they compare as far as they are read: those
 * of valves set by a screw.
 */
export function adjustersOf(
  { spec, items }: OverheadView,
  { adjusters }: ValvesState,
): { readonly items: readonly SettingItem[]; readonly found: StandOut | null } {
  if (spec.adjust !== 'screw' || spec.gear !== 'push-rod') return { items: [], found: null };
  const valves = items.map(({ item }) => item).filter(isValve);
  const read = valves.flatMap(({ id, kind }) => {
    const mm = adjusters[id]?.mm;
    return mm === undefined ? [] : [{ id, mm, kind }];
  });
  return { items: valves, found: read.length > 0 ? standOut({ items: read }) : null };
}

/** Hydraulic tappets give way under their preload before the engine is turned again. */
export function bleedUntil(
  sheet: JobSheet,
  { settings }: ValvesState,
  crank: CrankState,
): string | null {
  const { adjust, hydraulic } = sheet.overhead ?? {};
  if (adjust !== 'hydraulic' || !hydraulic?.wait || crank.since === null) return null;
  const since = Date.parse(crank.since);
  const set = settingItems(sheet)
    .filter(isValve)
    .flatMap(({ id }) => settings[id]?.at ?? [])
    .map((at) => Date.parse(at))
    .filter((at) => at >= since);
  if (set.length === 0) return null;
  const minutes = hydraulic.wait.value * MINUTES_PER[hydraulic.wait.unit];
  return new Date(Math.max(...set) + minutes * 60_000).toISOString();
}
