import type { GapReading, BridgeStep } from './overhead';
import type { Printed } from './shown';
import type { BarringSchool } from '../../overhead/schools';

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
  recheckBegun: null,
};
