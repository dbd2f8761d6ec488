import type { Printed } from './shown';
import type { BarringSchool } from '../../overhead/schools';

/** How a lock nut was pulled: what it was to get, by which wrench, and what that was set to. */
export interface NutPulled {
  readonly nm: number;
  readonly setNm: number;
  readonly wrench: string;
  readonly name: string;
  readonly adapter?: { readonly mm: number; readonly deg: number };
}

/** What is seen to of a bridge: before its gap is set, and once more after. */
export type BridgeStep = 'equalised' | 'before' | 'after';

export type GapReading = 'found' | 'set' | 'locked' | 'again' | 'hot';

export interface GapRead {
  readonly mm: number;
  /** Its place in the log. */
  readonly seq: number;
  readonly printed: Printed;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

export type ValveReadings = Readonly<Partial<Record<GapReading, GapRead>>>;

/** How something without a gap was set: past zero lash, past contact, or to a height. */
export interface ScrewSet {
  readonly turns?: number;
  readonly heightMm?: number;
  readonly actId: string;
  readonly at: string;
  readonly by: string;
}

/** What was found of a bridge at each step; newest of each. */
export type BridgeSeen = Readonly<
  Partial<Record<BridgeStep, { readonly found: 'good' | 'turns'; readonly at: string }>>
>;

interface Done {
  /** Newest reading of each kind, by what it is of. */
  readonly readings: Readonly<Record<string, ValveReadings>>;
  readonly settings: Readonly<Record<string, ScrewSet>>;
  readonly bridges: Readonly<Record<string, BridgeSeen>>;
  /** Push rods put in at their own position, by valve. */
  readonly pushRods: Readonly<Record<string, 'seated' | 'off'>>;
}

export interface ValvesState extends Done {
  /** How the engine is gone round, since somebody chose; what was done before then stays done. */
  readonly chosen: {
    readonly school: BarringSchool;
    readonly startDeg: number;
    readonly before: Done;
  } | null;
  /** How thick the shim is that came out of each valve. */
  readonly shimsOut: Readonly<Record<string, GapRead>>;
  /** The shim that went in since, and where it came from. */
  readonly shimsIn: Readonly<Record<string, { readonly mm: number; readonly from: string | null }>>;
  /** Covers that went on between. */
  readonly covers: Readonly<Record<string, { readonly at: string; readonly by: string }>>;
  /** How far each adjuster stands out. */
  readonly adjusters: Readonly<Record<string, GapRead>>;
  /** Codes of the injectors, by cylinder. */
  readonly codes: Readonly<
    Record<string, { readonly code: string; readonly at: string; readonly by: string }>
  >;
  /** Turned twice with all set, to feel every gap once more; or why not. */
  readonly turned: {
    readonly at: string;
    readonly by: string;
    readonly seq: number;
    readonly leftOut?: string;
  } | null;
  /** Valves whose screw was moved: one found within and left alone says nothing of its nut. */
  readonly moved: Readonly<Record<string, true>>;
  /** By what the last nut was pulled, for the next one is pulled by the same; null where it was by hand. */
  readonly lastNut?: NutPulled | null;
  /** When the hot recheck was begun; readings by then were cold. */
  readonly recheckBegun: {
    readonly at: string;
    readonly by: string;
    readonly words: string;
  } | null;
}

export const NO_VALVES: ValvesState = {
  readings: {},
  settings: {},
  bridges: {},
  pushRods: {},
  chosen: null,
  shimsOut: {},
  shimsIn: {},
  covers: {},
  adjusters: {},
  codes: {},
  turned: null,
  moved: {},
  recheckBegun: null,
};

/** What is said as the overhead is set. */
export interface ValvesActs {
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
  'recheck.begun': { readonly words: string };
}
