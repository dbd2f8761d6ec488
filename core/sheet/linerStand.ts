import type { LinerLimits } from '../block/linerCheck';
import { figureMm } from '../quantity/figureMm';
import type { EngineSheet } from './engineSheet';
import { heightsOf, type LinerHeights } from './spec/block';

/** The limits of liners that have heights; null where the lowest or the highest is not printed. */
export function linerLimitsMm(heights: LinerHeights): LinerLimits | null {
  const { low, high, adjacent, tilt, groupSpread } = heights;
  if (!low || !high) return null;
  return {
    lowMm: figureMm(low),
    highMm: figureMm(high),
    ...(adjacent && { adjacentMm: figureMm(adjacent) }),
    ...(tilt && { tiltMm: figureMm(tilt) }),
    ...(groupSpread && { groupSpreadMm: figureMm(groupSpread) }),
  };
}

/** The bank a bore stands in, where there are several, and the head it stands under, where they have numbers. */
export function boreStands(
  { layout, liners }: Pick<EngineSheet, 'layout' | 'liners'>,
  cylinder: number,
): { readonly bank?: string; readonly headGroup?: string } {
  const bank = layout.banks.find(({ cylinders }) => cylinders.includes(cylinder));
  const groups = heightsOf(liners)?.headGroups ?? [];
  const group = groups.findIndex((cylinders) => cylinders.includes(cylinder));
  return {
    ...(layout.banks.length > 1 && bank && { bank: bank.name }),
    ...(group >= 0 && { headGroup: String(group + 1) }),
  };
}
