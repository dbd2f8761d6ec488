import type { Printed, GaugeShown } from './shown';

/** One reading of a check, newest of its place. */
export interface CheckReading {
  readonly mm: number;
  readonly printed: Printed;
  readonly gauge?: GaugeShown;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** A piece weighed, newest of its kind. */
export interface CheckWeight {
  readonly grams: number;
  readonly text: string;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** What was seen, ticked or felt. */
export interface CheckSeen {
  readonly found: 'good' | 'not-good';
  readonly words?: string;
  /** Its place in the log: clocks tell to the second, and not all alike, what came after what. */
  readonly seq: number;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** What is done with something that is out: it stands all the same, is worked on, or is replaced. */
export type CheckDecision = 'keep' | 'rework' | 'replace';

export interface Decided {
  readonly decision: CheckDecision;
  readonly words: string;
  readonly at: string;
  readonly by: string;
}

/** Everything read, seen and decided, each by its own key. */
export interface ChecksState {
  readonly readings: Readonly<Record<string, CheckReading>>;
  readonly weights: Readonly<Record<string, CheckWeight>>;
  readonly seen: Readonly<Record<string, CheckSeen>>;
  readonly decided: Readonly<Record<string, Decided>>;
}

export const NO_CHECKS: ChecksState = { readings: {}, weights: {}, seen: {}, decided: {} };

export interface ChecksActs {
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
  /** A piston weighed with what belongs to it. */
  'piece.weighed': {
    readonly check: string;
    readonly item: string;
    readonly grams: number;
    readonly text: string;
  };
}
