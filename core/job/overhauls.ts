import { lashTrend, type LashReading, type LashTrend } from '../overhead/lashTrend';
import { gapTarget } from '../sheet/overheadOf';
import type { EngineSheet } from '../sheet/engineSheet';
import { settingItems, type SettingItem } from '../sheet/settingItems';
import type { JobState } from './state';

/** What one overhaul found of an engine's gaps, and left them at. */
export interface Overhaul {
  readonly job: string;
  readonly at: string;
  /** Running hours, where they were told. */
  readonly hours: number | null;
  readonly gaps: Readonly<Record<string, { readonly foundMm?: number; readonly leftMm?: number }>>;
}

/** An overhaul as the record of its job tells it; null for a job on which no gap was read. */
export function overhaulOf(job: string, { opened, valves }: JobState): Overhaul | null {
  const read = Object.entries(valves.readings);
  if (!opened || read.length === 0) return null;
  return {
    job,
    at: opened.at,
    hours: opened.hours ?? null,
    gaps: Object.fromEntries(
      read.map(([item, { found, set, locked }]) => {
        // Cold as found, cold as left: a hot reading is of another engine.
        const leftMm = (locked ?? set)?.mm;
        return [
          item,
          { ...(found && { foundMm: found.mm }), ...(leftMm !== undefined && { leftMm }) },
        ];
      }),
    ),
  };
}

export interface GapTrend {
  readonly item: SettingItem;
  readonly readings: readonly LashReading[];
  readonly closesAtMm: number;
  readonly found: LashTrend;
}

/**
 * Each gap of an engine over its overhauls, the one that is first at its limit first: a closing exhaust
 * gap is a sinking seat. Only overhauls whose hours were told count; the limit is the least the sheet
 * allows cold.
 */
export function gapTrends(sheet: EngineSheet, overhauls: readonly Overhaul[]): readonly GapTrend[] {
  const inOrder = overhauls
    .flatMap(({ hours, gaps }) => (hours === null ? [] : [{ hours, gaps }]))
    .sort((a, b) => a.hours - b.hours);
  const trends = settingItems(sheet).flatMap((item): GapTrend[] => {
    const target = gapTarget(sheet, item);
    const readings = inOrder.flatMap(({ hours, gaps }) => {
      const { foundMm, leftMm } = gaps[item.id] ?? {};
      if (foundMm === undefined) return [];
      return [{ hours, mm: foundMm, ...(leftMm !== undefined && { setMm: leftMm }) }];
    });
    if (!target || readings.length === 0) return [];
    const closesAtMm = target.lowMm;
    return [{ item, readings, closesAtMm, found: lashTrend({ readings, closesAtMm }) }];
  });
  const reaches = ({ found }: GapTrend): number =>
    found.code === 'already-closed'
      ? (found.atHours ?? -Infinity)
      : found.code === 'closing'
        ? found.atHours
        : Infinity;
  return trends.sort((a, b) => reaches(a) - reaches(b));
}
