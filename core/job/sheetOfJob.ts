import type { Scope } from './facts/scope';
import type { EngineSheet } from '../sheet/engineSheet';
import { variantOf } from '../sheet/variants';
import { layeredOn } from './differences';
import { scopedSheet, type JobSheet } from './scope';
import type { JobState } from './state';

/**
 * The figures a job runs on: the revision it is pinned to, with its variant, its deviations and its
 * leaflets laid over it, cut down to the job's scope. The same object for the same layers, so that
 * what is worked out from it is worked out once.
 */
export function sheetOfJob(
  pinned: EngineSheet,
  { variant, layers, scope }: Pick<JobState, 'variant' | 'layers' | 'scope'>,
): JobSheet {
  return scopedSheet(layeredOn(variantOf(pinned, variant), layers).sheet, scope ?? UNOPENED);
}

/** Before a job is opened nothing of its engine is left out of sight. */
const UNOPENED: Scope = { kind: 'everything' };
