import type { Scope } from './facts/scope';
import type { Because } from './facts/cause';
import type { TimeDoubt } from './facts/actTime';
import type { CribJudgement } from './facts/crib';
import type { CameWith, Point } from './facts/layers';
import type { IntakeActData } from './facts/intake';
import type { BuildActData } from './facts/build';
import type { OverheadActData } from './facts/overhead';
import type { RunActData } from './facts/run';
import type { EngineEnd } from '../sheet/spec/layout';
import type { Refusal } from './refusal';

/** What each kind of act says. Facts and decisions only; what follows from them is derived. */
export interface ActData extends IntakeActData, BuildActData, RunActData, OverheadActData {
  'job.opened': {
    readonly sheet: { readonly id: string; readonly revision: number; readonly hash: string };
    readonly serial: string;
    /** Running hours on its clock, where it has one. */
    readonly hours?: number;
    readonly name: string;
    /** In words, where the cause chosen does not say it all. */
    readonly why?: string;
    readonly cylinder1End: EngineEnd;
    /** Which of the sheet's variants this engine is, by question. */
    readonly variant?: Readonly<Record<string, string>>;
    /** How far into the engine it goes; absent on jobs opened before that was asked. */
    readonly scope?: Scope;
    /** By which path it failed, or what was seen. */
    readonly because?: Because;
    /** Which cards there were; absent before they were counted. */
    readonly cards?: number;
  };
  /** Cards added since the job was opened are taken into its tray. */
  'cards.taken': { readonly cards: number };
  /** The job goes on by a newer revision of its sheet. */
  'sheet.taken': {
    readonly sheet: { readonly id: string; readonly revision: number; readonly hash: string };
    readonly words: string;
  };
  /** This engine turned out to be another of the sheet's variants. */
  'variant.changed': { readonly question: string; readonly option: string; readonly words: string };
  /** What came with this job's parts says, figure by figure. */
  'leaflet.entered': {
    readonly leaflet: string;
    readonly title: string;
    readonly cameWith: CameWith;
    readonly points: readonly Point[];
  };
  /** What this engine has had done to it, and the figures that changed with it. */
  'deviation.entered': {
    readonly deviation: string;
    readonly title: string;
    readonly points: readonly Point[];
  };
  /** Which source holds where sheet, leaflets and deviations differ. */
  'difference.decided': {
    readonly places: readonly string[];
    readonly take: string;
    /** Every source that had said something there. */
    readonly among: readonly string[];
    readonly words: string;
  };
  'caution.acknowledged': { readonly caution: Caution };
  struck: { readonly target: string; readonly words?: string };
  /**
   * The crib spoke again of acts whose wrench had not been as it has it, a tool's log having grown: those
   * that agree by now. Written by the server in the name of whoever recorded the tool.
   */
  'crib.judged': {
    readonly tool: string;
    /** How far the tool's log was read. */
    readonly seq: number;
    readonly agree: readonly string[];
  };
  /** Someone who sees all says whether a decision made without knowing all holds. */
  'pending.decided': { readonly decision: string; readonly holds: boolean };
}

export type ActType = keyof ActData;

/** Where work can hurt someone, it is said at the act and acknowledged once on a job. */
export type Caution = 'barring' | 'hydraulics';

/** Acts that say what became of one fastener, or one step, of a run. */
export type RunActType =
  'bolt.pulled' | 'bolt.turned' | 'bolt.eased' | 'stud.tensioned' | 'step.done' | 'bolt.failed';

/** What a device sends. `count` and `seenSeq` let gaps and blind acts be told. */
export type Act = { readonly [T in ActType]: ActOf<T> }[ActType];

export interface ActOf<T extends ActType> {
  /** UUIDv7, made on the device. */
  readonly id: string;
  readonly v: 1;
  readonly type: T;
  /** When, by the device's clock: ISO 8601 with its offset. */
  readonly at: string;
  readonly by: string;
  readonly device: string;
  /** Counts this device's acts on this stream from 1. */
  readonly count: number;
  /** The last event of the stream the device had seen. */
  readonly seenSeq: number;
  /** The facts a decision rested on, by their acts' ids: those of its card as its sender saw it. */
  readonly restedOn?: readonly string[];
  /** The member was switched to without a PIN, the network being away. */
  readonly unproved?: true;
  readonly data: ActData[T];
}

/** What the log says of an act besides, because of what its sender had not seen or cannot vouch for. */
export interface Stamp {
  /** A decision without effect until someone who sees all confirms it, and why. */
  readonly pending?: Waits;
  /** Decisions that had not known of this fact, which wait again. */
  readonly reopens?: readonly string[];
  /** Decisions that a fact's sender took for standing, and that wait. */
  readonly ground?: readonly string[];
  /** A fact behind an act of its device that was refused. */
  readonly behindRefused?: true;
  /** What the crib says of the wrench it names. */
  readonly crib?: CribJudgement;
  /** Why it cannot have been done when its device says. */
  readonly timeDoubt?: TimeDoubt;
  /** Its member's last proof on that device was older than a shift. */
  readonly staleProof?: true;
}

/** An act in the log. In an outbox, `receivedAt` is still null and `seq` its place to be. */
export type LoggedAct = Act & {
  readonly seq: number;
  readonly receivedAt: string | null;
  /** How far the device's clock was off the server's, when that was more than two minutes. */
  readonly clockOffMs?: number;
} & Stamp;

/** An event as the server keeps it, chained to the one before. */
export type JobEvent = LoggedAct & {
  readonly receivedAt: string;
  readonly previousHash: string;
  readonly hash: string;
};

/** Why a decision waits, and what was done that whoever made it had not seen. */
export interface Waits {
  readonly why: Refusal;
  /** Facts it would have rested on, by their acts' ids. */
  readonly unseen: readonly string[];
}
