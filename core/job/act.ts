import type { BarringSchool } from '../overhead/schools';
import type { LengthUnit } from '../quantity/units';
import type { CalibrationPoint } from '../tightening/wrenchChoose';
import type { Because } from './cause';
import type { CheckDecision, CheckSeen } from './checks/state';
import type { LeaveOut } from './leaveOut';
import type { MadeMark } from './cards/mark';
import type { Arrival, Holds } from './cards/parts';
import type { CameWith, Point } from './layers';
import type { ParkedWith } from './parking';
import type { Thing } from './register';
import type { Scope } from './scope';
import type { GasketChosen } from './cards/standOut';
import type { LinerPlace } from './cards/liners';
import type { EngineEnd } from '../sheet/spec/layout';

/** What each kind of act says. Facts and decisions only; what follows from them is derived. */
export interface ActData {
  'job.opened': {
    readonly sheet: { readonly id: string; readonly revision: number; readonly hash: string };
    readonly serial: string;
    /** Running hours on its clock, where it has one. */
    readonly hours?: number;
    readonly name: string;
    readonly why: string;
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
  'cause.answered': { readonly because: Because; readonly words: string };
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
  'liner.read': {
    readonly bore: string;
    readonly place: number;
    readonly mm: number;
    readonly printed: Printed;
  };
  'liners.accepted': { readonly words?: string };
  /** Which liner goes where, and on which shims; whatever moves is marked and read again. */
  'liners.placed': { readonly placement: readonly LinerPlace[] };
  /** Seals counted out of a bore and in again: the old ones all out, the new ones one to a groove. */
  'liner.sealed': { readonly bore: string; readonly out: number; readonly in: number };
  /** The crank turned by hand after a cap was pulled. */
  'cap.turned': {
    readonly run: RunName;
    readonly stage: string;
    /** The fasteners of the cap. */
    readonly fasteners: readonly string[];
    readonly found: 'free' | 'binds';
    readonly words?: string;
  };
  /** A piston weighed with what belongs to it. */
  'piece.weighed': {
    readonly check: string;
    readonly item: string;
    readonly grams: number;
    readonly text: string;
  };
  /** Which gasket is fitted. */
  'gasket.chosen': GasketChosen;
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
  'caution.acknowledged': { readonly caution: Caution };
  'crank.stood': {
    readonly atDeg: number;
    readonly seen: string;
    /** Why tappets were not waited for. */
    readonly words?: string;
  };
  /**
   * Cylinder 1 against a positive stop from both sides: what a degree wheel read, or how far apart the two
   * marks on the rim are.
   */
  'top.found':
    { readonly stopForwardDeg: number; readonly stopBackDeg: number } | { readonly arcMm: number };
  /** A top mark made where there was none. */
  'crank.marked': { readonly words: string };
  /** Turned past where it was to stop. */
  'crank.overshot': { readonly words?: string };
  /** By which way the engine is gone round for what is left, from where the crank stands. */
  'barring.chosen': { readonly school: BarringSchool; readonly startDeg: number };
  /** A screw turned past zero lash or contact, or set to a height. */
  'screw.set': {
    readonly item: string;
    readonly turns?: number;
    readonly heightMm?: number;
    readonly printed?: Printed;
    readonly nut?: NutPulled;
  };
  /** A push rod put in with its valve shut: straight, oiled, lifted a little and felt in its pocket. */
  'push-rod.seen': {
    readonly valve: string;
    readonly found: 'seated' | 'off';
  };
  'bridge.seen': {
    readonly valve: string;
    readonly step: BridgeStep;
    readonly found: 'good' | 'turns';
  };
  /** How thick the shim is that came out from under a valve. */
  'shim.read': { readonly valve: string; readonly mm: number; readonly printed: Printed };
  /** The shims that go in: out of which valve each, or from the stock. */
  'shims.chosen': {
    readonly shims: readonly {
      readonly valve: string;
      readonly mm: number;
      readonly from?: string;
    }[];
  };
  /** A cover that goes on between: what it closes the way to is done. */
  'cover.on': { readonly cover: string };
  /** How far an adjuster stands out, to be held against its fellows. */
  'adjuster.read': { readonly item: string; readonly mm: number; readonly printed: Printed };
  'injector.coded': { readonly cylinder: number; readonly code: string };
  'crank.doubted': { readonly words: string };
  'valve.read': {
    readonly valve: string;
    readonly reading: GapReading;
    readonly mm: number;
    readonly printed: Printed;
    /** Felt by a leaf that went in and one that did not: what is read lies between. */
    readonly felt?: { readonly goMm: number; readonly noGoMm: number };
    readonly nut?: NutPulled;
  };
  /**
   * The crank turned twice once all is set, before every gap is felt once more; or why it is not gone round
   * again.
   */
  'gaps.turned': { readonly leftOut?: string };
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
  'recheck.begun': { readonly words: string };
  /** The engine run to working heat: what is pulled again after it waits from here. */
  'heat.reached': { readonly words: string };
  struck: { readonly target: string; readonly words?: string };
}

export type ActType = keyof ActData;

/** A reading as it was typed, beside its value in millimetres. */
export interface Printed {
  readonly text: string;
  readonly unit: LengthUnit;
}

/** What a reading was taken with, as the crib names it. */
export interface GaugeShown {
  readonly id: string;
  readonly name: string;
}

/** Which run: a fastened set, one instance of it, and its programme. */
export interface RunName {
  readonly set: string;
  readonly instance: string;
  readonly programme: string;
}

/** How a lock nut was pulled: what it was to get, by which wrench, and what that was set to. */
export interface NutPulled {
  readonly nm: number;
  readonly setNm: number;
  readonly wrench: string;
  readonly name: string;
  readonly adapter?: { readonly mm: number; readonly deg: number };
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

/** Where work can hurt someone, it is said at the act and acknowledged once on a job. */
export type Caution = 'barring' | 'hydraulics';

/** Acts that say what became of one fastener, or one step, of a run. */
export type RunActType =
  'bolt.pulled' | 'bolt.turned' | 'bolt.eased' | 'stud.tensioned' | 'step.done' | 'bolt.failed';

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
/** What is seen to of a bridge: before its gap is set, and once more after. */
export type BridgeStep = 'equalised' | 'before' | 'after';
export type GapReading = 'found' | 'set' | 'locked' | 'again' | 'hot';

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
  /** The member was switched to without a PIN, the network being away. */
  readonly unproved?: true;
  readonly data: ActData[T];
}

/** An act in the log. In an outbox, `receivedAt` is still null and `seq` its place to be. */
export type LoggedAct = Act & {
  readonly seq: number;
  readonly receivedAt: string | null;
  /** How far the device's clock was off the server's, when that was more than two minutes. */
  readonly clockOffMs?: number;
};

/** An event as the server keeps it, chained to the one before. */
export type JobEvent = LoggedAct & {
  readonly receivedAt: string;
  readonly previousHash: string;
  readonly hash: string;
};
