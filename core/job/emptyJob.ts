import type { Job } from './job';
import { JobLog } from './log';
import { SLICES } from './slices/index';
import type { JobSlices, JobState } from './state';

/** What follows from an empty log. */
export const EMPTY_STATE: JobState = {
  ...(Object.fromEntries(
    Object.values(SLICES).map(({ name, empty }) => [name, empty]),
  ) as unknown as JobSlices),
  struck: {},
  pending: {},
};

/** A job of which nothing has been said. */
export const EMPTY_JOB: Job = { log: JobLog.EMPTY, state: EMPTY_STATE, checkpoints: [] };
