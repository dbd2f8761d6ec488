import { clearanceAt, firingAngles, type Overhead } from '../../overhead/barringInput';
import type { BarringPlan, BarringPosition } from '../../overhead/barringPlan';
import { cycleDegrees, forwardDistance } from '../../overhead/cycle';
import { lashVerdict, type LashVerdict } from '../../overhead/lashVerdict';
import { atLeast } from '../../quantity/withinLimits';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Rotation } from '../../sheet/spec/layout';
import type { OverheadSpec, Valve } from '../../sheet/spec/overhead';
import { gapTarget, overheadOf, valvePlan, type GapTarget } from '../../sheet/overheadOf';
import type { ActOf, GapReading, LoggedAct, Printed } from '../act';
import type { DecideContext } from '../decide';
import { ACCEPTED, refused, type Verdict } from '../refusal';

export interface GapRead {
  readonly mm: number;
  readonly printed: Printed;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

export type ValveReadings = Readonly<Partial<Record<GapReading, GapRead>>>;

export interface ValvesState {
  /** Newest reading of each kind, by valve. */
  readonly readings: Readonly<Record<string, ValveReadings>>;
  /** When the hot recheck was begun; readings by then were cold. */
  readonly recheckBegun: {
    readonly at: string;
    readonly by: string;
    readonly words: string;
  } | null;
}

export interface CrankState {
  /** After cylinder 1's firing top dead centre; null while unknown or in doubt. */
  readonly atDeg: number | null;
  readonly since: string | null;
  readonly doubt: string | null;
}

export const NO_VALVES: ValvesState = { readings: {}, recheckBegun: null };
export const CRANK_UNKNOWN: CrankState = { atDeg: null, since: null, doubt: null };

export function evolveValves(state: ValvesState, act: LoggedAct): ValvesState {
  if (act.type === 'valve.read') {
    const { valve, reading, mm, printed } = act.data;
    const read = { mm, printed, actId: act.id, at: act.at, by: act.by };
    const before = state.readings[valve];
    // A gap set anew has not been felt locked yet: the old as-locked reading no longer counts.
    const { locked: _stale, ...unlocked } = before ?? {};
    const kept = reading === 'set' ? unlocked : before;
    return { ...state, readings: { ...state.readings, [valve]: { ...kept, [reading]: read } } };
  }
  if (act.type === 'recheck.begun') {
    return { ...state, recheckBegun: { at: act.at, by: act.by, words: act.data.words } };
  }
  return state;
}

export function evolveCrank(state: CrankState, act: LoggedAct): CrankState {
  if (act.type === 'crank.stood') return { atDeg: act.data.atDeg, since: act.at, doubt: null };
  if (act.type === 'crank.doubted') return { atDeg: null, since: act.at, doubt: act.data.words };
  // The engine has been run: where the crank stopped is anyone's guess.
  if (act.type === 'recheck.begun') return { atDeg: null, since: act.at, doubt: null };
  return state;
}

export interface ValveView {
  readonly valve: Valve;
  readonly target: GapTarget | null;
  readonly readings: ValveReadings;
  readonly verdict: LashVerdict;
  /** Cold: as locked (or set, where nothing locks) and within. Hot: the hot reading within. */
  readonly done: boolean;
}

export interface OverheadView {
  readonly spec: OverheadSpec;
  readonly overhead: Overhead;
  readonly rotation: Rotation;
  readonly plan: BarringPlan;
  readonly valves: readonly ValveView[];
  /** Where the crank stands in the plan; null when not at one of its positions. */
  readonly here: BarringPosition | null;
  /** The next position with something left to set; null when all is done. */
  readonly next: BarringPosition | null;
  /** From where the crank stands to `next`; null while the crank is unknown. */
  readonly barDeg: number | null;
  readonly doneCount: number;
  readonly provisional: boolean;
}

/**
 * Where the overhead stands, cold or at its hot recheck.
 * @returns null when the sheet has too little to plan it
 */
export function overheadView(
  sheet: EngineSheet,
  valves: ValvesState,
  crank: CrankState,
  phase: 'cold' | 'hot',
): OverheadView | null {
  const { overhead: spec, rotation } = sheet;
  const overhead = overheadOf(sheet);
  const plan = valvePlan(sheet);
  if (!plan || !spec || !rotation || typeof overhead === 'string') return null;
  const views = spec.valves.map((valve) => valveView(sheet, valve, valves, phase));
  const undone = new Set(views.filter((v) => !v.done).map((v) => v.valve.id));
  const open = plan.positions.filter((p) => p.set.some((item) => undone.has(item.id)));
  const cycle = cycleDegrees(sheet.strokes);
  const from = crank.atDeg ?? 0;
  const ahead = (position: BarringPosition): number => forwardDistance(from, position.atDeg, cycle);
  const next = open.reduce<BarringPosition | null>(
    (best, position) => (best === null || ahead(position) < ahead(best) ? position : best),
    null,
  );
  return {
    spec,
    overhead,
    rotation,
    plan,
    valves: views,
    here: plan.positions.find((p) => p.atDeg === crank.atDeg) ?? null,
    next,
    barDeg: next === null || crank.atDeg === null ? null : ahead(next),
    doneCount: views.length - undone.size,
    provisional: views.some((v) => v.target?.provisional),
  };
}

function valveView(
  sheet: EngineSheet,
  valve: Valve,
  { readings }: ValvesState,
  phase: 'cold' | 'hot',
): ValveView {
  const target = gapTarget(sheet, valve);
  const read = readings[valve.id] ?? {};
  const verdict = target ? verdictOf(target, read) : {};
  const counted = phase === 'cold' ? verdict[countedCold(sheet)] : verdict.hot;
  return { valve, target, readings: read, verdict, done: counted === 'within' };
}

/** The cold reading that counts: as locked, where there is a nut that locks; else as set. */
export function countedCold(sheet: EngineSheet): 'locked' | 'set' {
  return sheet.overhead?.adjust === 'shim' ? 'set' : 'locked';
}

function verdictOf(target: GapTarget, { found, set, locked, hot }: ValveReadings): LashVerdict {
  const { lowMm, highMm, hotLowMm, hotHighMm } = target;
  return lashVerdict({
    lowMm,
    highMm,
    hotLowMm,
    hotHighMm,
    foundMm: found?.mm,
    setMm: set?.mm,
    lockedMm: locked?.mm,
    hotMm: hot?.mm,
  });
}

export function decideCrankStood(act: ActOf<'crank.stood'>, { sheet }: DecideContext): Verdict {
  const cycle = cycleDegrees(sheet.strokes);
  const { atDeg } = act.data;
  return atDeg >= 0 && atDeg < cycle ? ACCEPTED : refused('crank-unknown');
}

export function decideValveRead(
  valves: ValvesState,
  crank: CrankState,
  act: ActOf<'valve.read'>,
  { sheet }: DecideContext,
): Verdict {
  const { valve, reading } = act.data;
  if (!sheet.overhead?.valves.some((v) => v.id === valve))
    return refused('unknown-valve', { valve });
  if ((reading === 'hot') !== (valves.recheckBegun !== null)) return refused('reading-of-recheck');
  if (crank.atDeg === null) return refused('crank-unknown');
  const overhead = overheadOf(sheet);
  if (typeof overhead === 'string') return refused('sheet-lacks');
  const item = overhead.items.find((i) => i.id === valve);
  if (!item) return refused('unknown-valve', { valve });
  const cycle = cycleDegrees(sheet.strokes);
  const clearanceDeg = clearanceAt(item, firingAngles(overhead.firing), crank.atDeg, cycle);
  if (atLeast(clearanceDeg, overhead.marginDeg)) return ACCEPTED;
  return refused('not-settable-here', { valve, atDeg: crank.atDeg });
}
