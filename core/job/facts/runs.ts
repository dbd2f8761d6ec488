import type { BoltFault, HowRead, RunName, Side, WrenchShown } from './run';

export interface Attempt {
  readonly actId: string;
  readonly pass: number;
  readonly at: string;
  readonly by: string;
  readonly device: string;
  /** The value it was pulled to; absent for what is not pulled by torque. */
  readonly nm?: number;
  readonly side?: Side;
  readonly reachedNm?: number;
  readonly reachedDeg?: number;
  /** How far its nut went, in holes. */
  readonly holes?: number;
  readonly wrench?: string;
  /** Said only after others had been pulled too. */
  readonly afterwards?: true;
  /** Absent when the bolt was pulled and reached its value. */
  readonly fault?: { readonly kind: BoltFault; readonly words: string };
}

/** What somebody made ready with before the first pull. */
export interface Prepared {
  readonly actId: string;
  readonly wrench: WrenchShown | null;
  readonly adapter: { readonly mm: number; readonly deg: number } | null;
  /** What was said to be on the threads. */
  readonly treatment: string;
  readonly at: string;
  readonly by: string;
}

/** Who pulls with a wrench: whoever pulls everything, or one of two, each at an end with a wrench of their own. */
export type Puller = Side | 'both';

export interface RunState {
  /** Of two who pull together each has a wrench of their own; one alone has one for both ends. */
  readonly prepared: Readonly<Partial<Record<Puller, Prepared>>>;
  /** What was done to each bolt in each stage, by the plan's key. */
  readonly attempts: Readonly<Record<string, readonly Attempt[]>>;
  /** Contested keys that someone has decided, with how many attempts they had then. */
  readonly decided: Readonly<Record<string, number>>;
  /** By stage: bolts pulled before this moment are to be swept, a long pause having followed. */
  readonly sweepFrom: Readonly<Record<string, string>>;
  /** By stage: when it was last worked on. */
  readonly lastAt: Readonly<Record<string, string>>;
  /** When each wrench was let back after the last pull. */
  readonly letBack: Readonly<Partial<Record<Puller, { readonly at: string; readonly by: string }>>>;
  /** Turned by hand and free after a cap, by stage and cap. */
  readonly turned: Readonly<Record<string, { readonly at: string; readonly by: string }>>;
  /** Fasteners that came out again after they were pulled, and were, or are to be, redone. */
  readonly takenOut: Readonly<
    Record<string, { readonly at: string; readonly by: string; readonly words: string }>
  >;
  /** Every head marked with paint. */
  readonly marked: { readonly at: string; readonly by: string } | null;
  /** Each hand by its device, and whichever worked last; nothing since all was made ready anew. */
  readonly hands: {
    /** Null for one that was made ready and has not worked since. */
    readonly by: Readonly<Record<string, HandAt | null>>;
    readonly last: HandAt | null;
  };
}

/** At which stage a hand last worked, or for which it was set. */
export interface HandAt {
  readonly stage: string;
  /** The last one that was not eased: easing leaves a wrench set as it was. */
  readonly pulledAt: string | null;
}

export const NO_HANDS: RunState['hands'] = { by: {}, last: null };

export const NO_RUN: RunState = {
  prepared: {},
  attempts: {},
  decided: {},
  sweepFrom: {},
  lastAt: {},
  letBack: {},
  turned: {},
  takenOut: {},
  marked: null,
  hands: NO_HANDS,
};

export type RunsState = Readonly<Record<string, RunState>>;

/** What is said as fasteners are pulled, turned and eased. */
export interface RunsActs {
  'run.prepared': {
    readonly run: RunName;
    /** Null where nothing is pulled by torque. */
    readonly wrench: WrenchShown | null;
    readonly adapter: { readonly mm: number; readonly deg: number } | null;
    readonly treatment: string;
    /** Why a wrench out of date, or off, may be used all the same: the lead's words. */
    readonly override?: string;
    /** Which end this wrench pulls, where another at the other end has one of their own. */
    readonly side?: Side;
  };
  /** A wrench let back to the bottom of its scale: the last act of a run. */
  'wrench.let-back': { readonly run: RunName; readonly side?: Side };
  'bolt.pulled': {
    readonly key: string;
    readonly pass: number;
    readonly nm: number;
    readonly setNm: number;
    readonly wrench: string;
    /** Which end, where two people pull one fastener together. */
    readonly side?: Side;
    /** What the wrench showed, and how it came here. */
    readonly reachedNm?: number;
    readonly read?: HowRead;
  };
  /** Several pulled in their order before anybody could tap: said afterwards, and marked so. */
  'bolts.reported': {
    readonly pulls: readonly {
      readonly key: string;
      readonly pass: number;
      readonly nm: number;
      readonly setNm: number;
    }[];
    readonly wrench: string;
  };
  /** Between stages: what the hand was set to, or took up, for the one that begins. */
  'stage.set': {
    readonly run: RunName;
    readonly stage: string;
    /** What the stage asks for, lowest first: N·m, degrees or bar as its kind has it. */
    readonly values: readonly number[];
    /** What the wrench was set to for each; empty where none is. */
    readonly settingsNm: readonly number[];
    /** Whose wrench, where two pull each with one of their own. */
    readonly side?: Side;
  };
  'bolt.turned': {
    readonly key: string;
    readonly pass: number;
    readonly deg: number;
    readonly side?: Side;
    readonly reachedDeg?: number;
    readonly read?: HowRead;
    /** Swung by a power tool rather than by hand. */
    readonly by?: 'power';
  };
  'bolt.eased': { readonly key: string; readonly pass: number };
  'stud.tensioned': {
    readonly key: string;
    readonly pass: number;
    readonly bar: number;
    /** How far its nut went, in holes. */
    readonly holes?: number;
    /** What the gauge stood at when the pump was stopped, and how it came here. */
    readonly reachedBar?: number;
    readonly read?: HowRead;
  };
  /** A wait kept or the crank turned by hand, once for the whole set. */
  'step.done': {
    readonly key: string;
    readonly pass: number;
    /** Why a wait was not kept to its end. */
    readonly words?: string;
  };
  'bolt.failed': {
    readonly key: string;
    readonly pass: number;
    readonly fault: BoltFault;
    readonly words: string;
  };
  /** One fastener out again, for a bracket or because it had to be: it has its own redo. */
  'bolt.taken-out': {
    readonly run: RunName;
    readonly fastener: string;
    readonly words: string;
    /** A new one goes in, where the old may not be used again. */
    readonly renewed?: true;
  };
  /** Every head marked with paint, once all are pulled. */
  'run.marked': { readonly run: RunName };
  'contest.decided': { readonly key: string; readonly words: string };
  /** The crank turned by hand after a cap was pulled. */
  'cap.turned': {
    readonly run: RunName;
    readonly stage: string;
    /** The fasteners of the cap. */
    readonly fasteners: readonly string[];
    readonly found: 'free' | 'binds';
    readonly words?: string;
  };
}
