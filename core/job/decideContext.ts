import type { EngineSheet } from '../sheet/engineSheet';
import type { Act, ActType } from './act';
import type { Role } from './roles';
import type { JobSheet } from './scope';
import type { Job } from './job';
import type { JobLog } from './log';
import type { Verdict } from './verdict';

/** What whoever has an act decided brings besides the log: the clock, the pinned sheet, and who is acting. */
export interface DecideInput {
  readonly now: string;
  /** The revision the job is pinned to. */
  readonly sheet: EngineSheet;
  readonly member: {
    readonly id: string;
    readonly role: Role;
    /** Proved the PIN a short while ago, online. */
    readonly fresh: boolean;
  };
  /** An act before it, of the same sending, was refused: its sender could not know. */
  readonly behindRefused?: boolean;
}

/** What may be looked at besides the log. */
export interface DecideContext extends Omit<DecideInput, 'sheet'> {
  /** The figures the job works by: the pinned revision under its variant, layers and scope. */
  readonly sheet: JobSheet;
  readonly pinned: EngineSheet;
  /** The log that the state follows from. */
  readonly log: JobLog;
}

/** What the rule of an act is asked with. */
export interface RuleContext extends DecideContext {
  /** The rules of other acts, for acts that are about acts. */
  readonly acts: {
    /** May this act join the log, as far as this decision's own member and time go? */
    readonly decide: (job: Job, act: Act) => Verdict;
    readonly mayAct: (role: Role, type: ActType) => boolean;
    readonly isStrikable: (act: Pick<Act, 'type'>) => boolean;
  };
}
