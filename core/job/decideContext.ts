import type { Role } from './roles';
import type { JobSheet } from './scope';

/** What a decision may look at besides the log: the clock, the pinned sheet, and who is acting. */
export interface DecideContext {
  readonly now: string;
  readonly sheet: JobSheet;
  readonly member: {
    readonly id: string;
    readonly role: Role;
    /** Proved the PIN a short while ago, online. */
    readonly fresh: boolean;
  };
  /** An act before it, of the same sending, was refused: its sender could not know. */
  readonly behindRefused?: boolean;
}
