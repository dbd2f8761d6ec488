import type { Firing, OverheadItem, Overhead } from '../overhead/barringInput';
import { cycleDegrees } from '../overhead/cycle';
import { valveWindows } from '../overhead/valveWindows';
import { figureMm } from '../quantity/figureMm';
import type { EngineSheet } from './engineSheet';
import { memoizeByObject } from './memoize';
import type { SettingItem } from './settingItems';
import type { Clearance, OverheadSpec } from './spec/overhead';

/** Least clearance at which a valve is offered; wider when the cam events are only assumed. */
const MARGIN_DEG = { printed: 20, assumed: 30 } as const;

/** How much looser than the hot figure a cold engine may be left until its hot recheck. */
const PROVISIONAL_EXTRA_MM = 0.05;

/**
 * Each cylinder's firing top dead centre after cylinder 1's, at even intervals unless the sheet
 * lists its own.
 * @returns an empty list when the sheet prints no firing order
 */
export function firingOf({ firing, strokes }: EngineSheet): readonly Firing[] {
  if (!firing) return [];
  const even = cycleDegrees(strokes) / firing.order.length;
  let atDeg = 0;
  return firing.order.map((cylinder, place) => {
    const fires = { cylinder, atDeg };
    atDeg += firing.intervalsDeg?.[place] ?? even;
    return fires;
  });
}

/** What the sheet lacks for reckoning where valves may be set. */
export type OverheadLack = 'overhead' | 'firing' | 'camEvents';

/** The sheet's gaps as items of a barring plan, or what it lacks for one. */
export const overheadOf = memoizeByObject((sheet: EngineSheet): Overhead | OverheadLack => {
  const spec = sheet.overhead;
  if (!spec) return 'overhead';
  if (!sheet.firing) return 'firing';
  if (!spec.camEvents) return 'camEvents';
  return overheadFrom(sheet, spec, spec.camEvents);
});

function overheadFrom(
  sheet: EngineSheet,
  spec: OverheadSpec,
  { from, source: _source, ...events }: NonNullable<OverheadSpec['camEvents']>,
): Overhead {
  const windows = valveWindows(events);
  const items = spec.valves.flatMap((valve): OverheadItem[] => {
    const active = windows[valve.kind];
    return active ? [{ id: valve.id, cylinder: valve.cylinder, kind: valve.kind, active }] : [];
  });
  return {
    strokes: sheet.strokes,
    firing: firingOf(sheet),
    items,
    marginDeg: from === 'assumed' ? MARGIN_DEG.assumed : MARGIN_DEG.printed,
  };
}

export interface GapTarget {
  readonly lowMm: number;
  readonly highMm: number;
  /** What to set. */
  readonly aimMm: number;
  /** Set cold from a figure that holds hot: it must be checked again hot. */
  readonly provisional: boolean;
  readonly hotLowMm?: number;
  readonly hotHighMm?: number;
}

/**
 * The gap a valve, a brake slave or an actuator is set to on this engine, cold.
 *
 * With only a hot figure the gap is left at that figure or a little more, never tighter: it closes
 * as the valve grows, and a valve held open burns. Provisional until checked hot.
 * @returns null when the sheet prints nothing for this kind
 */
export function gapTarget(
  { overhead }: EngineSheet,
  { kind }: Pick<SettingItem, 'kind'>,
): GapTarget | null {
  if (kind === 'injector') return null;
  const extra = { brake: overhead?.brakes, actuator: overhead?.actuators };
  const { cold, hot }: Clearance =
    kind === 'brake' || kind === 'actuator'
      ? { ...(extra[kind] && { cold: extra[kind].gap }) }
      : (overhead?.clearances?.[kind] ?? {});
  const hotLimits = hot && { hotLowMm: figureMm(hot.low), hotHighMm: figureMm(hot.high) };
  if (cold) {
    const limits = {
      lowMm: figureMm(cold.low),
      highMm: figureMm(cold.high),
      aimMm: figureMm(cold.figure),
    };
    return { ...limits, provisional: false, ...hotLimits };
  }
  if (!hot) return null;
  const lowMm = figureMm(hot.figure);
  const highMm = lowMm + PROVISIONAL_EXTRA_MM;
  return { lowMm, highMm, aimMm: (lowMm + highMm) / 2, provisional: true, ...hotLimits };
}
