import type { Side, BoltFault, WrenchShown } from './run';

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

export interface RunState {
  readonly prepared: {
    readonly actId: string;
    readonly wrench: WrenchShown | null;
    readonly adapter: { readonly mm: number; readonly deg: number } | null;
    /** What was said to be on the threads. */
    readonly treatment: string;
    readonly at: string;
    readonly by: string;
  } | null;
  /** What was done to each bolt in each stage, by the plan's key. */
  readonly attempts: Readonly<Record<string, readonly Attempt[]>>;
  /** Contested keys that someone has decided, with how many attempts they had then. */
  readonly decided: Readonly<Record<string, number>>;
  /** By stage: bolts pulled before this moment are to be swept, a long pause having followed. */
  readonly sweepFrom: Readonly<Record<string, string>>;
  /** By stage: when it was last worked on. */
  readonly lastAt: Readonly<Record<string, string>>;
  /** When the wrench was let back after the last pull. */
  readonly letBack: { readonly at: string; readonly by: string } | null;
  /** Turned by hand and free after a cap, by stage and cap. */
  readonly turned: Readonly<Record<string, { readonly at: string; readonly by: string }>>;
  /** Fasteners that came out again after they were pulled, and were, or are to be, redone. */
  readonly takenOut: Readonly<
    Record<string, { readonly at: string; readonly by: string; readonly words: string }>
  >;
  /** Every head marked with paint. */
  readonly marked: { readonly at: string; readonly by: string } | null;
  /** Each hand by its device, and whichever worked last; nothing since all was made ready anew. */
  readonly hands: { readonly by: Readonly<Record<string, HandAt>>; readonly last: HandAt | null };
}

/** At which stage a hand last worked, or for which it was set. */
export interface HandAt {
  readonly stage: string;
  /** The last one that was not eased: easing leaves a wrench set as it was. */
  readonly pulledAt: string | null;
}

export const NO_HANDS: RunState['hands'] = { by: {}, last: null };

export const NO_RUN: RunState = {
  prepared: null,
  attempts: {},
  decided: {},
  sweepFrom: {},
  lastAt: {},
  letBack: null,
  turned: {},
  takenOut: {},
  marked: null,
  hands: NO_HANDS,
};

export type RunsState = Readonly<Record<string, RunState>>;
