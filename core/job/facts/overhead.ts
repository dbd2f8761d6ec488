import type { BarringSchool } from '../../overhead/schools';
import type { Printed } from './shown';

/** What is said as the crank is turned and the overhead is set. */
export interface OverheadActData {
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
  'recheck.begun': { readonly words: string };
}

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
