import type { EngineSheet } from '../sheet/engineSheet';
import { variantOf } from '../sheet/variants';
import type { JobState } from './state';

/**
 * The figures a job runs on: the revision it is pinned to, with its variant laid over it. The same
 * object for the same choice, so that what is worked out from it is worked out once.
 */
export function sheetOfJob(
  pinned: EngineSheet,
  { variant }: Pick<JobState, 'variant'>,
): EngineSheet {
  return variantOf(pinned, variant);
}
