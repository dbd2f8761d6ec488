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
