import type { TimeDoubt } from './facts/actTime';
import type { AttitudeActs } from './facts/attitude';
import type { CauseActs } from './facts/cause';
import type { CautionsActs } from './facts/cautions';
import type { ChecksActs } from './facts/checks';
import type { CrankActs } from './facts/crank';
import type { CribActs, CribJudgement } from './facts/crib';
import type { GasketActs } from './facts/gasket';
import type { HandsActs } from './facts/hands';
import type { HeatActs } from './facts/heat';
import type { LayersActs } from './facts/layers';
import type { LeftOutActs } from './facts/leftOut';
import type { LinersActs } from './facts/liners';
import type { MarksActs } from './facts/marks';
import type { OldBoltsActs } from './facts/oldBolts';
import type { OpenedActs } from './facts/opened';
import type { OutOfOrderActs } from './facts/outOfOrder';
import type { ParkedActs } from './facts/parked';
import type { PartsActs } from './facts/parts';
import type { PendingActs } from './facts/pending';
import type { PiecesActs } from './facts/pieces';
import type { PhotographsActs } from './facts/photographs';
import type { PistonRouteActs } from './facts/pistonRoute';
import type { PutOffActs } from './facts/putOff';
import type { RemarksActs } from './facts/remarks';
import type { RegisterActs } from './facts/register';
import type { RunsActs } from './facts/runs';
import type { ScopeActs } from './facts/scope';
import type { StruckActs } from './facts/struck';
import type { TopActs } from './facts/top';
import type { ValvesActs } from './facts/valves';
import type { VariantActs } from './facts/variant';
import type { Refusal } from './refusal';

/**
 * What each kind of act says, slice by slice. Facts and decisions only; what follows from them is derived.
 */
export interface ActData
  extends
    AttitudeActs,
    CauseActs,
    CautionsActs,
    ChecksActs,
    CrankActs,
    CribActs,
    GasketActs,
    HandsActs,
    HeatActs,
    LayersActs,
    LeftOutActs,
    LinersActs,
    MarksActs,
    OldBoltsActs,
    OpenedActs,
    OutOfOrderActs,
    ParkedActs,
    PartsActs,
    PendingActs,
    PhotographsActs,
    PiecesActs,
    PistonRouteActs,
    PutOffActs,
    RemarksActs,
    RegisterActs,
    RunsActs,
    ScopeActs,
    StruckActs,
    TopActs,
    ValvesActs,
    VariantActs {}

export type ActType = keyof ActData;

/** Acts that no device sends: the server writes them into a log. */
export type ServerActType = keyof CribActs;

export type SentActType = Exclude<ActType, ServerActType>;

/** Acts that say what became of one fastener, or one step, of a run. */
export type RunActType =
  'bolt.pulled' | 'bolt.turned' | 'bolt.eased' | 'stud.tensioned' | 'step.done' | 'bolt.failed';

/** What a device sends. `count` and `seenSeq` let gaps and blind acts be told. */
export type Act = { readonly [T in ActType]: ActOf<T> }[ActType];

/** An act that a device may send. */
export type SentAct = { readonly [T in SentActType]: ActOf<T> }[SentActType];

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

/** What the log adds to an act. */
interface Logged extends Stamp {
  readonly seq: number;
  readonly receivedAt: string | null;
  /** How far the device's clock was off the server's, when that was more than two minutes. */
  readonly clockOffMs?: number;
}

/** An act in the log. In an outbox, `receivedAt` is still null and `seq` its place to be. */
export type LoggedAct = Act & Logged;

/** An act of one kind, or of any of some kinds, in the log. */
export type LoggedActOf<T extends ActType> = { readonly [K in T]: ActOf<K> }[T] & Logged;

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
