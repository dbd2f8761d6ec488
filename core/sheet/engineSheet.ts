import type { Rise } from '../block/linerCheck';
import type { CamEvents } from '../overhead/valveWindows';
import type { ScrewPlace } from '../overhead/screwTurn';
import type { FigureOrigin, LengthFigure, TorqueFigure } from '../quantity/figure';
import type { Fastener } from '../tightening/programme';

/** An end of the engine by what sits on it; "front" alone is ambiguous. */
export type EngineEnd = 'fan' | 'flywheel' | 'propeller' | 'pulley';

/** The maker's figures for one engine. A published revision never changes. */
export interface EngineSheet {
  readonly id: string;
  readonly revision: number;
  readonly name: string;
  readonly description: string;
  readonly manual: string;
  readonly cylinders: number;
  readonly boreMm: number;
  readonly strokeMm: number;
  readonly strokes: 4 | 2;
  readonly cylinder1End: EngineEnd;
  readonly otherEnd: EngineEnd;
  /** Running direction, and from which end it is seen so. */
  readonly rotation: {
    readonly direction: 'clockwise' | 'anticlockwise';
    readonly seenFrom: EngineEnd;
  };
  /** Even intervals; the order begins with cylinder 1. */
  readonly firingOrder: readonly number[];
  readonly ringGearTeeth?: number;
  readonly liners: LinerSpec;
  readonly fastenedSets: readonly FastenedSet[];
  readonly overhead: OverheadSpec;
}

export interface LinerSpec {
  readonly low: LengthFigure;
  readonly high: LengthFigure;
  readonly adjacent?: LengthFigure;
  readonly tilt?: LengthFigure;
  readonly rise: Rise;
  /** Places read on each liner, named as they lie. */
  readonly places: readonly string[];
}

/** Anything with fasteners and an order: one map, one programme. */
export interface FastenedSet {
  readonly id: string;
  readonly name: string;
  readonly instances: readonly string[];
  readonly widthMm: number;
  readonly heightMm: number;
  /** Bore centres, drawn for orientation. */
  readonly bores: readonly {
    readonly cylinder: number;
    readonly xMm: number;
    readonly yMm: number;
  }[];
  readonly boreMm: number;
  readonly fasteners: readonly Fastener[];
  readonly thread: string;
  readonly spanner: string;
  /** What goes on thread and under the head; nothing else does. */
  readonly treatment: string;
  readonly programme: SheetProgramme;
}

export interface SheetProgramme {
  readonly id: string;
  readonly stages: readonly SheetStage[];
}

export interface SheetStage {
  readonly id: string;
  readonly order: readonly string[];
  readonly leaveOut?: readonly string[];
  readonly torque: TorqueFigure;
}

export type ValveKind = 'intake' | 'exhaust';

export interface Valve {
  /** By cylinder and kind: E1, I1. */
  readonly id: string;
  readonly cylinder: number;
  readonly kind: ValveKind;
  /** Counted along the head from the cylinder-1 end. */
  readonly alongHead: number;
}

export interface OverheadSpec {
  readonly valves: readonly Valve[];
  readonly screw: {
    readonly at: ScrewPlace;
    readonly pitchMm: number;
    readonly rockerRatio: number;
    readonly inCloses: boolean;
  };
  /** Where the leaf goes, in words. */
  readonly leafBetween: string;
  readonly camEvents: CamEvents & { readonly from: FigureOrigin; readonly source: string };
  readonly clearances: Readonly<Record<ValveKind, Clearance>>;
  /** The manual's own table, where it prints one. */
  readonly bookTable?: BookTable;
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
  readonly positions: readonly {
    /** As the manual words it. */
    readonly says: string;
    readonly atDeg: number;
    readonly set: readonly string[];
  }[];
}
