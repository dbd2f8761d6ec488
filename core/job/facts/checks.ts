import type { ShellWear } from '../../crank/shellPattern';
import type { DeviationShown, GaugeShown, Printed } from './shown';

/** One reading of a check, newest of its place. */
export interface CheckReading {
  readonly mm: number;
  readonly printed: Printed;
  readonly gauge?: GaugeShown;
  readonly deviation?: DeviationShown;
  /** The clearance itself, by strip or leaf, and not a size it follows from. */
  readonly direct?: true;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** What a single piston is weighed against: the one that came out of its cylinder, or the one opposite. */
export type WeighedBeside = 'came-out' | 'opposite';

/** A piece weighed, newest of its kind. */
export interface CheckWeight {
  readonly grams: number;
  readonly text: string;
  readonly beside?: WeighedBeside;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** What was seen, ticked or felt. */
export interface CheckSeen {
  /** `not-here`: it does not apply to this engine, and whoever said so said why. */
  readonly found: 'good' | 'not-good' | 'not-here';
  readonly words?: string;
  /** Of an old shell that is not worn evenly. */
  readonly wear?: ShellWear;
  /** Somebody who had not heard of this said otherwise. */
  readonly against?: { readonly by: string; readonly at: string };
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

/** By item, then by the place or step of it; `''` where there is but one. */
export type ByPlace<Of> = Readonly<Record<string, Readonly<Record<string, Of>>>>;

/** Everything read, weighed, seen and decided of one check. */
export interface CheckState {
  readonly readings: ByPlace<CheckReading>;
  readonly weights: Readonly<Record<string, CheckWeight>>;
  readonly seen: ByPlace<CheckSeen>;
  /** By item; of the check as a whole under `WHOLE`. */
  readonly decided: Readonly<Record<string, Decided>>;
}

/** Checks of which anything has been read, seen or decided, by their keys. */
export type ChecksState = Readonly<Record<string, CheckState>>;

export const NO_CHECKS: ChecksState = {};

/** A check of which nothing has been read yet. */
export const UNREAD: CheckState = { readings: {}, weights: {}, seen: {}, decided: {} };

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
    readonly deviation?: DeviationShown;
    readonly direct?: true;
  };
  /** A step that does not apply to this engine, or a place that is not there to be read. */
  'check.not-here': {
    readonly check: string;
    readonly item: string;
    readonly place?: string;
    readonly words: string;
  };
  /** Something looked at, ticked or felt. */
  'check.seen': {
    readonly check: string;
    readonly item: string;
    readonly step?: string;
    readonly found: Exclude<CheckSeen['found'], 'not-here'>;
    readonly words?: string;
    /** Of an old shell: how it was found. */
    readonly wear?: ShellWear;
    /** How many joints came out or went in, where they are counted. */
    readonly count?: number;
  };
  /** Handling that was done to a row of parts, and is so on each: said once, with those that it was done to. */
  'check.row-seen': {
    readonly check: string;
    readonly items: readonly string[];
    readonly steps: readonly string[];
  };
  /** A bead that was left too long, or went wrong, is wiped off: it is laid anew, and its time begins again. */
  'joint.wiped-off': {
    /** The row of a piece that goes on, by its first instance. */
    readonly piece: string;
    /** The step at which its bead was begun. */
    readonly step: string;
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
    /** Of what a single piston is compared with: which it is. */
    readonly beside?: WeighedBeside;
  };
}
