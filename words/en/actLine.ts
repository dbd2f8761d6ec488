import type { JobState } from '@cardinex/core/job/state';

export interface ActLine {
  readonly what: string;
  /** The figure, set apart at the end of the line. */
  readonly value?: string;
  /** What someone said about it. */
  readonly words?: string;
  /** Each of several that it is about, for whoever asks. */
  readonly each?: readonly string[];
}

/** What a job knows of things that acts name only by their id. */
export type Known = Pick<JobState, 'register' | 'remarks' | 'parts' | 'pending'>;
