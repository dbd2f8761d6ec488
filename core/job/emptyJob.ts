import { SLICES } from './slices/index';
import type { JobSlices, JobState } from './state';

/** A job of which nothing has been said. */
export const EMPTY_JOB: JobState = {
  ...(Object.fromEntries(
    Object.values(SLICES).map(({ name, empty }) => [name, empty]),
  ) as unknown as JobSlices),
  struck: {},
  pending: {},
  log: [],
};
