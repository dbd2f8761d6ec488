import type { CalibrationPoint } from '../../tightening/wrenchChoose';

/** What is said as fasteners are pulled, turned and eased. */
export interface RunActData {
  'run.prepared': {
    readonly run: RunName;
    /** Null where nothing is pulled by torque. */
    readonly wrench: WrenchShown | null;
    readonly adapter: { readonly mm: number; readonly deg: number } | null;
    readonly treatment: string;
    /** Why a wrench out of date, or off, may be used all the same: the lead's words. */
    readonly override?: string;
  };
  /** The wrench let back to the bottom of its scale: the last act of a run. */
  'wrench.let-back': { readonly run: RunName };
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
  /** The engine run to working heat: what is pulled again after it waits from here. */
  'heat.reached': { readonly words: string };
}

/** Which run: a fastened set, one instance of it, and its programme. */
export interface RunName {
  readonly set: string;
  readonly instance: string;
  readonly programme: string;
}

/** The wrench as it was when it was taken in hand. */
export interface WrenchShown {
  readonly id: string;
  readonly name: string;
  readonly lowNm: number;
  readonly highNm: number;
  /** From its square to the mark where the hand belongs. */
  readonly lengthMm: number;
  readonly stepNm?: number;
  /** Its last good check; absent for a wrench never checked. */
  readonly calibration?: {
    readonly on: string;
    readonly dueOn: string;
    readonly points: readonly CalibrationPoint[];
  };
  /** Known to be off when it was taken in hand. */
  readonly off?: true;
}

export type BoltFault =
  | 'did-not-reach'
  | 'slipped'
  /** It moved, or clicked, before it should have. */
  | 'moved-early'
  | 'felt-soft'
  /** It got more than was asked. */
  | 'over'
  /** Its nut went further, or less far, than its fellows. */
  | 'odd-travel';

/** The two ends of what two people pull together. */
export type Side = 'near' | 'far';

export type HowRead = 'typed' | 'instrument';
