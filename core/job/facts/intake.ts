import type { Scope } from './scope';
import type { LeaveOut } from './leaveOut';
import type { Because } from './cause';
import type { Thing } from './register';
import type { ParkedWith } from './parking';
import type { CheckSeen, CheckDecision } from './checks';
import type { Arrival, Holds } from './parts';
import type { MadeMark } from './marks';
import type { Printed, GaugeShown } from './shown';

/** What is said of a job as it is opened up, inspected, parked and resumed. */
export interface IntakeActData {
  /** The job goes further into the engine than was thought. */
  'scope.widened': { readonly scope: Scope; readonly words: string };
  'job.parked': {
    readonly done: readonly ParkedWith[];
    readonly words: string;
    /** What to see to first when it is taken up again. */
    readonly resumeBy: readonly string[];
  };
  'job.resumed': { readonly words?: string };
  /** A card left out on this job, with the reason: it stands in the record as left out, not as done. */
  'card.left-out': { readonly card: LeaveOut; readonly words: string };
  'photograph.taken': {
    readonly photograph: string;
    readonly says: string;
    readonly of?: string;
    /** Of the picture as it left the device, in hexadecimal. */
    readonly sha256: string;
  };
  /** Why it failed: no job closes without it. */
  'cause.answered': { readonly because: Because; readonly words?: string };
  /** A reading of an inspection. */
  'check.read': {
    readonly check: string;
    readonly item: string;
    readonly place?: string;
    readonly mm: number;
    readonly printed: Printed;
    readonly gauge?: GaugeShown;
    /** It lay far from its fellows, and was kept all the same. */
    readonly far?: true;
  };
  /** Something looked at, ticked or felt. */
  'check.seen': {
    readonly check: string;
    readonly item: string;
    readonly step?: string;
    readonly found: CheckSeen['found'];
    readonly words?: string;
  };
  /** What is done about something that is out. */
  'check.decided': {
    readonly check: string;
    readonly item: string;
    readonly decision: CheckDecision;
    readonly words: string;
  };
  /** A part marked, and its bag or tag with it. */
  'mark.made': Omit<MadeMark, 'at' | 'by'>;
  /** Bolts that came out, counted into their bag. */
  'bolts.counted': {
    readonly set: string;
    readonly group: string;
    readonly count: number;
    /** How often they had been used before. */
    readonly uses?: number;
  };
  'thing.put-in': Pick<Thing, 'kind' | 'what' | 'where' | 'bars'> & { readonly thing: string };
  'thing.taken-out': { readonly thing: string };
  /** A part laid beside the old one. */
  'part.arrived': Omit<Arrival, 'at' | 'by'> & { readonly part: string };
  'work.sent': {
    readonly work: string;
    readonly what: string;
    readonly to: string;
    readonly holds?: Holds;
  };
  'work.back': {
    readonly work: string;
    readonly result: string;
    readonly certificate?: string;
    readonly washed: boolean;
  };
}
