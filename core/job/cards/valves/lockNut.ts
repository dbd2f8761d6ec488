import type { NutPulled } from '../../facts/valves';
import { aimOf } from '../../../quantity/aimOf';
import type { Printed } from '../../../quantity/figure';
import { torqueToNm, type TorqueUnit } from '../../../quantity/units';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { isValve, type SettingItem } from '../../../sheet/settingItems';
import type { JobState } from '../../state';

/** What locks the screw of a valve, as printed; null where nothing does, and for what has a screw of its own. */
export function lockNutOf(
  { overhead }: EngineSheet,
  item: SettingItem,
): Printed<TorqueUnit> | null {
  if (!overhead?.lockNut || overhead.adjust === 'shim' || !isValve(item)) return null;
  return overhead.lockNut;
}

/** What it is pulled to, in newton metres: the middle of a range; null where the manual has no figure. */
export function lockNutNm(printed: Printed<TorqueUnit>): number | null {
  const aim = aimOf(printed);
  return aim && torqueToNm(aim.value, aim.unit);
}

/**
 * By what the last nut on a job was pulled, for the next one is pulled by the same; null where it was by hand.
 * @returns undefined while none was
 */
export function lastNut({
  log,
  struck,
}: Pick<JobState, 'log' | 'struck'>): NutPulled | null | undefined {
  let last: NutPulled | null | undefined;
  // One found within and left alone says nothing of its nut.
  const moved = new Set<string>();
  for (const act of log) {
    if (struck[act.id]) continue;
    if (act.type === 'screw.set' && act.data.nut) last = act.data.nut;
    if (act.type !== 'valve.read') continue;
    const { valve, reading, nut } = act.data;
    if (reading === 'set') moved.add(valve);
    if (reading === 'locked' && moved.has(valve)) last = nut ?? null;
  }
  return last;
}
