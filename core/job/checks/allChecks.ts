import { memoizeByObject } from '../../sheet/memoize';
import { bearingChecks } from '../cards/bearings/checks';
import { boreChecks } from '../cards/bores/checks';
import { allCoveringChecks } from '../cards/tighten/covering';
import { crankChecks } from '../cards/crank/checks';
import { fitChecks } from '../cards/fit/checks';
import { headBuiltChecks } from '../cards/head-build/checks';
import { checksOf } from '../cards/inspect/checks';
import { linerChecks } from '../cards/liners/checks';
import { pistonChecks } from '../cards/pistons/checks';
import { pumpChecks } from '../cards/pump/checks';
import { shellChecks } from '../cards/shells/checks';
import { standOutChecks } from '../cards/stand-out/checks';
import { timingChecks } from '../cards/timing/view';
import type { JobSheet } from '../scope';
import type { Check, CheckCard } from './check';

/** Everything that is measured, weighed, ticked or looked over on a job, in the order it is done. */
export const allChecks = memoizeByObject((sheet: JobSheet): readonly Check[] => [
  ...checksOf(sheet),
  ...boreChecks(sheet),
  ...linerChecks(sheet),
  ...shellChecks(sheet),
  ...bearingChecks(sheet),
  ...crankChecks(sheet),
  ...pistonChecks(sheet),
  ...standOutChecks(sheet),
  ...headBuiltChecks(sheet),
  ...allCoveringChecks(sheet),
  ...fitChecks(sheet),
  ...timingChecks(sheet),
  ...pumpChecks(sheet),
]);

/** What is checked on one card. */
export function checksOn(sheet: JobSheet, card: CheckCard): readonly Check[] {
  return allChecks(sheet).filter((check) => check.card === card);
}

/** A check by its key. */
export function checkOf(sheet: JobSheet, id: string): Check | undefined {
  return allChecks(sheet).find((check) => check.id === id);
}
