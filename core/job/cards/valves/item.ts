import { definedFields } from '../../../definedFields';
import type {
  BridgeSeen,
  BridgeStep,
  GapReading,
  ScrewSet,
  ValveReadings,
  ValvesState,
} from '../../facts/valves';
import { lashVerdict, type GapVerdict, type LashVerdict } from '../../../overhead/lashVerdict';
import { figureMm } from '../../../quantity/figureMm';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { gapTarget, type GapTarget } from '../../../sheet/overheadOf';
import { isValve, type ItemKind, type SettingItem } from '../../../sheet/settingItems';
import type { OverheadSpec } from '../../../sheet/spec/overhead';
import { takesHeadApart, type JobSheet } from '../../scope';

/**
 * How an item is set: by a gap and a leaf, by part of a turn past zero lash or contact, or to the height
 * of a gauge.
 */
export type SetBy = 'gap' | 'turn' | 'height';

/** What a gap's readings come to, the one felt again after two turns among them. */
export interface ItemVerdict extends Omit<LashVerdict, 'counts'> {
  readonly again?: GapVerdict;
  readonly counts?: {
    readonly reading: GapReading;
    readonly mm: number;
    readonly verdict: GapVerdict;
  };
}

export interface ItemView {
  readonly item: SettingItem;
  readonly setBy: SetBy;
  readonly target: GapTarget | null;
  readonly readings: ValveReadings;
  readonly verdict: ItemVerdict;
  readonly setting: ScrewSet | null;
  readonly bridge: BridgeSeen;
  /** Its push rod goes in here first; `off` where it was tried and did not find its pocket. */
  readonly rodNext: 'to-put-in' | 'off' | null;
  /** What of its bridge is still to be seen to, before its gap or after. */
  readonly bridgeNext: BridgeStep | null;
  /** Cold: as locked (or set, where nothing locks) and within, its bridge tried. Hot: within. */
  readonly done: boolean;
}

export function itemView(
  sheet: JobSheet,
  item: SettingItem,
  valves: ValvesState,
  phase: 'cold' | 'hot',
): ItemView {
  const { readings, settings, bridges, shimsIn, pushRods } = valves;
  const setBy = setByOf(sheet, item);
  const target = setBy === 'gap' ? gapTarget(sheet, item) : null;
  const read = readings[item.id] ?? {};
  const verdict = target ? verdictOf(target, read) : {};
  const setting = settings[item.id] ?? null;
  const bridge = bridges[item.id] ?? {};
  const counted = phase === 'cold' ? verdict[countedCold(sheet)] : verdict.hot;
  const felt = phase !== 'cold' || !needsAgain(sheet, item, valves) || verdict.again === 'within';
  const byShim = phase === 'cold' && setBy === 'gap' && isShimmed(sheet);
  const isSet =
    setBy !== 'gap'
      ? setting !== null
      : byShim
        ? shimmedWithin(item, verdict, read, shimsIn)
        : counted === 'within' && felt;
  const rodNext = phase === 'hot' ? null : rodNextOf(sheet, item, pushRods);
  const bridgeNext = phase === 'hot' ? null : bridgeNextOf(sheet, item, bridge, isSet);
  return {
    item,
    setBy,
    target,
    readings: read,
    verdict,
    setting,
    bridge,
    rodNext,
    bridgeNext,
    done: isSet && bridgeNext === null && rodNext === null,
  };
}

export function setByOf({ overhead }: EngineSheet, { kind }: SettingItem): SetBy {
  if (kind === 'injector') return overhead?.injectors?.setting?.method ?? 'turn';
  return isValve({ kind }) && overhead?.adjust === 'hydraulic' ? 'turn' : 'gap';
}

/** How far past zero lash or contact an item is turned, as printed. */
export function turnsFor({ overhead }: EngineSheet, { kind }: SettingItem) {
  if (kind !== 'injector') return overhead?.hydraulic?.preload;
  const setting = overhead?.injectors?.setting;
  return setting?.method === 'turn' ? setting.turns : undefined;
}

/** For want of a printed limit: a follower this near to its gauge stands right. */
const NEAR_MM = 0.05;

/** The height an injector's gauge gives, and how far from it the follower may stand. */
export function gaugeFor({ overhead }: EngineSheet): {
  readonly mm: number;
  readonly withinMm: number;
  readonly printed: boolean;
} | null {
  const setting = overhead?.injectors?.setting;
  if (setting?.method !== 'height') return null;
  return {
    mm: figureMm(setting.gauge),
    withinMm: setting.within ? figureMm(setting.within) : NEAR_MM,
    printed: setting.within !== undefined,
  };
}

/** Where the book has push rods go in at their own position, each goes in before anything else of its valve. */
function rodNextOf(
  sheet: EngineSheet,
  item: SettingItem,
  pushRods: ValvesState['pushRods'],
): ItemView['rodNext'] {
  const asked = sheet.overhead?.pushRods?.in === 'own-position' && isValve(item);
  if (!asked || pushRods[item.id] === 'seated') return null;
  return pushRods[item.id] === 'off' ? 'off' : 'to-put-in';
}

/** A bridge is equalised and tried before its gap, and tried once more after it. */
function bridgeNextOf(
  sheet: EngineSheet,
  { kind }: SettingItem,
  seen: BridgeSeen,
  isSet: boolean,
): BridgeStep | null {
  const spec = sheet.overhead?.bridges;
  if (!spec || !isValve({ kind })) return null;
  const good = (step: BridgeStep): boolean => seen[step]?.found === 'good';
  if (!good('equalised')) return 'equalised';
  if (!spec.twist) return null;
  if (!good('before')) return 'before';
  return isSet && !good('after') ? 'after' : null;
}

/** Between which faces the leaf goes, as the sheet says. */
export function leafFor(spec: OverheadSpec, kind: ItemKind): string | undefined {
  if (kind === 'brake') return spec.brakes?.leafBetween;
  return kind === 'actuator' ? spec.actuators?.leafBetween : spec.leafBetween;
}

/** The cold reading that counts: as locked, where there is a nut that locks; else as set. */
export function countedCold(sheet: EngineSheet): 'locked' | 'set' {
  return sheet.overhead?.adjust === 'shim' ? 'set' : 'locked';
}

function verdictOf(
  target: GapTarget,
  { found, set, locked, again, hot }: ValveReadings,
): ItemView['verdict'] {
  const { lowMm, highMm, hotLowMm, hotHighMm } = target;
  const verdict = lashVerdict(
    definedFields({
      lowMm,
      highMm,
      hotLowMm,
      hotHighMm,
      foundMm: found?.mm,
      setMm: set?.mm,
      lockedMm: locked?.mm,
      hotMm: hot?.mm,
    }),
  );
  if (!again) return verdict;
  const felt = lashVerdict({ lowMm, highMm, lockedMm: again.mm });
  return {
    ...verdict,
    ...(felt.locked && { again: felt.locked }),
    // Felt after the turns it counts, unless it has been checked hot since.
    ...(verdict.counts?.reading !== 'hot' &&
      felt.counts && { counts: { ...felt.counts, reading: 'again' } }),
  };
}

/** Is this a gap with a lock nut that can still be got at, so that it is felt once more after two turns? */
export function isFeltAgain(sheet: EngineSheet, item: SettingItem): boolean {
  const asked = sheet.overhead?.adjust === 'screw';
  return asked && setByOf(sheet, item) === 'gap' && item.before === undefined;
}

/** Was this gap locked before the two turns, and has not been set anew since? */
function needsAgain(
  sheet: EngineSheet,
  item: SettingItem,
  { turned, readings }: ValvesState,
): boolean {
  if (!turned || turned.leftOut !== undefined || !isFeltAgain(sheet, item)) return false;
  const { locked } = readings[item.id] ?? {};
  return locked !== undefined && locked.seq < turned.seq;
}

/**
 * Is each gap read as it was found? It is, but on a head just built new, where it says nothing of how the
 * engine ran; shims are chosen from it all the same.
 */
export function asksFound(sheet: JobSheet): boolean {
  return !takesHeadApart(sheet) || isShimmed(sheet);
}

/** Are gaps changed by shims, and the shims reckoned? */
export function isShimmed(sheet: EngineSheet): boolean {
  return sheet.overhead?.adjust === 'shim';
}

/** Found within and left, or read within over its new shim. */
function shimmedWithin(
  { id }: SettingItem,
  verdict: Pick<ItemVerdict, 'found' | 'set'>,
  readings: ValveReadings,
  shimsIn: ValvesState['shimsIn'],
): boolean {
  if (shimsIn[id] || readings.set) return verdict.set === 'within';
  return verdict.found === 'within';
}
