import type { CamEvents } from '../../overhead/valveWindows';
import type { ScrewPlace } from '../../overhead/screwTurn';
import type {
  LengthFigure,
  Limits,
  Printed,
  Sourced,
  Statement,
  TimeFigure,
  TurnFigure,
} from '../../quantity/figure';
import type { PrintedLengthUnit, TorqueUnit } from '../../quantity/units';

export type ValveKind = 'intake' | 'exhaust';

/** One gap to be set: a valve, or the pair under one bridge or yoke. */
export interface Valve {
  /** By cylinder and kind: E1, I1. */
  readonly id: string;
  readonly cylinder: number;
  readonly kind: ValveKind;
  /** Its place along its head, counted from the cylinder-1 end, where the book counts so. */
  readonly alongHead?: number;
}

export interface OverheadSpec {
  readonly gear: 'push-rod' | 'overhead-cam';
  /** What a rocker or cam acts on. */
  readonly actsOn: 'valve' | 'bridge' | 'yoke';
  readonly adjust: 'screw' | 'shim' | 'hydraulic';
  /** Flat ones and buckets wear to their own lobe and go back to it; rollers may move. */
  readonly tappets?: 'flat' | 'roller' | 'bucket';
  readonly valves: readonly Valve[];
  readonly screw?: {
    readonly at: ScrewPlace;
    readonly pitchMm: number;
    /** Valve arm over push-rod arm. */
    readonly rockerRatio: number;
    /** Does screwing in close the gap? */
    readonly inCloses: boolean;
  };
  readonly lockNut?: Printed<TorqueUnit>;
  /** Where the leaf goes, in words. */
  readonly leafBetween?: string;
  readonly feel?: 'light-drag' | 'go-no-go' | 'finger-tight' | 'push-rod-binds';
  /** Printed, or assumed from a typical set and marked so. */
  readonly camEvents?: CamEvents & Sourced;
  readonly clearances?: Readonly<Partial<Record<ValveKind, Clearance>>>;
  /** The manual's own table, where it prints one. */
  readonly bookTable?: BookTable;
  /** When push rods go in, where the book says: at their own setting position, or before the rockers. */
  readonly pushRods?: PushRodSpec;
  readonly bridges?: BridgeSpec;
  readonly hydraulic?: HydraulicTappetSpec;
  /** Sizes a shim comes in. */
  readonly tappetShims?: readonly LengthFigure[];
  readonly injectors?: InjectorSpec;
  readonly brakes?: ExtraGapSpec;
  readonly actuators?: ExtraGapSpec;
}

/** A gap as printed: the figure, and the limits about it. */
export interface GapLimits {
  readonly figure: LengthFigure;
  readonly low: LengthFigure;
  readonly high: LengthFigure;
}

/** Gaps of one kind of valve, cold or hot; either may be missing from the manual. */
export interface Clearance {
  readonly cold?: GapLimits;
  readonly hot?: GapLimits;
}

export interface BookTable {
  readonly source: string;
  readonly positions: readonly BookPosition[];
}

export interface BookPosition {
  /** As the manual words it. */
  readonly says: string;
  readonly atDeg: number;
  readonly set: readonly string[];
}

export interface PushRodSpec extends Statement {
  readonly in: 'own-position' | 'before-rockers';
}

export interface BridgeSpec {
  readonly equalise: Statement;
  readonly guideClearance?: Limits<PrintedLengthUnit>;
  /** Tried for twist before and after each gap. */
  readonly twist?: Statement;
  readonly oil?: Statement;
}

export interface HydraulicTappetSpec {
  /** Past zero lash. */
  readonly preload: TurnFigure;
  readonly zeroLash: Statement;
  /** Before the engine is turned again. */
  readonly wait?: TimeFigure;
  readonly plungerTravel?: LengthFigure;
}

/** When something may be set: its own part of the cycle, or that of a valve it rides with. */
export type CycleWindow =
  (Sourced & { readonly fromDeg: number; readonly toDeg: number }) | { readonly as: ValveKind };

type InjectorSetting =
  | { readonly method: 'turn'; readonly turns: TurnFigure }
  | {
      readonly method: 'height';
      readonly gauge: LengthFigure;
      /** How far from the gauge the follower may stand, where the book says. */
      readonly within?: LengthFigure;
    };

export interface InjectorSpec {
  readonly kind: 'unit' | 'pump-line-nozzle' | 'common-rail';
  readonly setting?: InjectorSetting;
  /** Of its own cylinder's cycle, in which it is worked and must be left alone. */
  readonly window?: CycleWindow;
  readonly codes?: InjectorCodes;
}

interface InjectorCodes extends Statement {
  readonly letters: number;
  /** The characters a code is made of. */
  readonly of: string;
}

/** An engine brake's or an intake actuator's gap. */
export interface ExtraGapSpec {
  readonly name: string;
  readonly gap: GapLimits;
  readonly window: CycleWindow;
  /** All cylinders when absent. */
  readonly cylinders?: readonly number[];
  readonly leafBetween?: string;
}
