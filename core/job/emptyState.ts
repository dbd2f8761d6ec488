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
