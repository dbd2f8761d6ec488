import { aimOf } from '../../../quantity/aimOf';
import type { Printed } from '../../../quantity/figure';
import { torqueToNm, type TorqueUnit } from '../../../quantity/units';
import type { EngineSheet } from '../../../sheet/engineSheet';
import { isValve, type SettingItem } from '../../../sheet/settingItems';

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
