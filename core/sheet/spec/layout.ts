import type { AngleFigure, LengthFigure, Sourced } from '../../quantity/figure';

/** An end of the engine by what sits on it; "front" alone is ambiguous. */
export type EngineEnd =
  'fan' | 'flywheel' | 'propeller' | 'pulley' | 'gearbox' | 'blower' | 'accessory' | 'free';

/** A row of cylinders. */
export interface Bank {
  readonly id: string;
  /** The side it stands on, as the sheet names its sides. */
  readonly name: string;
  /** Printed cylinder numbers as they stand, from the cylinder-1 end. */
  readonly cylinders: readonly number[];
}

export interface Layout {
  readonly form: 'in-line' | 'v' | 'opposed';
  readonly banks: readonly Bank[];
  /** Between the banks of a V. */
  readonly angle?: AngleFigure;
}

/** Running direction, and from which end it is seen so. */
export interface Rotation extends Sourced {
  readonly direction: 'clockwise' | 'anticlockwise';
  readonly seenFrom: EngineEnd;
}

/** Which cylinder fires after which. */
export interface FiringSpec extends Sourced {
  /** Begins with cylinder 1. */
  readonly order: readonly number[];
  /** From each firing to the next, as many as cylinders; absent for even intervals. */
  readonly intervalsDeg?: readonly number[];
}

/** What the crank is read by. */
export interface CrankSpec {
  readonly ringGearTeeth?: number;
  /** Of the rim that is marked and barred. */
  readonly rimDiameter?: LengthFigure;
  /** Marks found on rim or damper, after cylinder 1's firing top dead centre. */
  readonly marks?: readonly CrankMark[];
  /** Where a bar or spanner goes. */
  readonly barredBy?: string;
}

export interface CrankMark extends Sourced {
  readonly says: string;
  readonly atDeg: number;
}

/** The names a shop hears on this engine, fixed once. */
export interface Naming {
  /** How cylinders are counted, in words. */
  readonly cylinders?: string;
  /** How valves are counted, in words. */
  readonly valves?: string;
  /** The two long sides, each as it is called and how to know it. */
  readonly sides?: readonly { readonly name: string; readonly says: string }[];
}
