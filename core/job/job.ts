import type { JobLog } from './log';
import type { JobState } from './state';

/** A job: its log, and what follows from it. */
export interface Job {
  readonly log: JobLog;
  readonly state: JobState;
  /** How it stood earlier, every so many acts: what reaches back in the log is folded from there. */
  readonly checkpoints: readonly Checkpoint[];
}

/** What follows from the first acts of a log, by all that the whole log says of them. */
export interface Checkpoint {
  /** How many acts. */
  readonly length: number;
  readonly state: JobState;
}
