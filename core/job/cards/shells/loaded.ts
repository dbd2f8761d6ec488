import type { ShellWear, ShellsOfBearing } from '../../../crank/shellPattern';
import { mainJournal } from '../../../sheet/mainJournal';
import type { JobSheet } from '../../scope';
import type { Check } from '../../checks/check';
import type { CheckSeen } from '../../facts/checks';
import { shellItem, shellOfItem, type ShellHalf } from './checks';

/**
 * The half of a bearing that carries the load: of a main the one in its cap, which the crank is pressed into; of a rod
 * the one in the rod, which presses on the crank.
 */
export function loadedHalf(sheet: JobSheet, journal: string | undefined): ShellHalf {
  return journal === mainJournal(sheet)?.id ? 'lower' : 'upper';
}

/** How an old shell was found; one that was only said to be good is worn evenly. */
export function wearOf(seen: CheckSeen | undefined): ShellWear | undefined {
  return seen && (seen.wear ?? 'even');
}

/** The bearings of a check of old shells in their order along the shaft, each half as it was found. */
export function bearingsIn(
  { items }: Pick<Check, 'items'>,
  wear: (item: string) => ShellWear | undefined,
): readonly ShellsOfBearing[] {
  const ids = [...new Set(items.map((item) => shellOfItem(item).bearing))];
  return ids
    .sort((a, b) => Number(a) - Number(b))
    .map((bearing) => {
      const upper = wear(shellItem(bearing, 'upper'));
      const lower = wear(shellItem(bearing, 'lower'));
      return { bearing, ...(upper && { upper }), ...(lower && { lower }) };
    });
}
