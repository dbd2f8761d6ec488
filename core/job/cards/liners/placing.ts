import type { LinerArrangeInput } from '../../../block/arrange/input';
import type { ChecksState } from '../../facts/checks';
import { figureMm } from '../../../quantity/figureMm';
import { linerLimitsMm, boreStands } from '../../../sheet/linerStand';
import { heightsOf } from '../../../sheet/spec/block';
import { readingOf } from '../../checks/state';
import { cylindersInScope, type JobSheet } from '../../scope';
import { COUNTERBORES, FLANGES } from './checks';

/**
 * What placing the liners is reckoned from: ledges and flanges as measured, limits and shims as
 * printed. Shims are bought for the job, so there are as many of each size as could be needed.
 * @returns null until every bore and every liner in hand has been measured, or without limits
 */
export function placingOf(sheet: JobSheet, checks: ChecksState): LinerArrangeInput | null {
  const heights = heightsOf(sheet.liners);
  const limits = heights && linerLimitsMm(heights);
  if (!heights || !limits) return null;
  const { rise, shims } = heights;
  const cylinders = cylindersInScope(sheet);
  const read = (check: string): readonly number[] =>
    cylinders.flatMap((cylinder) => {
      const reading = readingOf(checks, check, String(cylinder));
      return reading ? [reading.mm] : [];
    });
  const [depths, flanges] = [read(COUNTERBORES), read(FLANGES)];
  if (depths.length < cylinders.length || flanges.length < cylinders.length) return null;
  const bores = cylinders.map((cylinder, at) => ({
    id: String(cylinder),
    counterboreMm: depths[at] ?? NaN,
    ...boreStands(sheet, cylinder),
  }));
  return {
    bores,
    liners: cylinders.map((cylinder, at) => ({
      id: String(cylinder),
      flangeMm: flanges[at] ?? NaN,
    })),
    shims: (shims?.sizes ?? []).map((size) => ({
      mm: figureMm(size),
      count: cylinders.length * (shims?.most ?? 0),
    })),
    shimRequired: shims?.required ?? false,
    maxShims: shims?.most ?? 0,
    limits,
    rise,
  };
}
