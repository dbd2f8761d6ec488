import type { PressureUnit, PrintedLengthUnit, TimeUnit, TorqueUnit } from './units';

/** Where a figure was read. A guess is never shown as if a manual had printed it. */
export type FigureOrigin = 'manual' | 'leaflet' | 'shop' | 'hearsay' | 'assumed';

/** Who says so: every figure and every statement of a sheet carries one. */
export interface Sourced {
  readonly from: FigureOrigin;
  /** Where a reader can find it ("Manual T44, rev. C, p. 41"). */
  readonly source: string;
}

/** One figure as printed: its text, its value and its own unit, never converted in storage. */
export interface Figure<Unit extends string> extends Sourced {
  readonly text: string;
  readonly value: number;
  readonly unit: Unit;
}

export type LengthFigure = Figure<PrintedLengthUnit>;
export type TorqueFigure = Figure<TorqueUnit>;
export type AngleFigure = Figure<'deg'>;
export type PressureFigure = Figure<PressureUnit>;
export type TimeFigure = Figure<TimeUnit>;
export type MassFigure = Figure<'g'>;
/** What is lifted. */
export type LiftMassFigure = Figure<'kg'>;
export type TemperatureFigure = Figure<'°C'>;
export type VolumeFigure = Figure<'cc' | 'l'>;
export type TurnFigure = Figure<'turn'>;

/** A value as a manual gives it: one figure, a range, or not at all, with what it says instead. */
export type Printed<Unit extends string> =
  | { readonly figure: Figure<Unit> }
  | { readonly low: Figure<Unit>; readonly high: Figure<Unit> }
  | { readonly missing: string };

/** Limits of which a manual may print only one. */
export interface Limits<Unit extends string> {
  readonly low?: Figure<Unit>;
  readonly high?: Figure<Unit>;
}

/** Something a manual says in words. */
export interface Statement extends Sourced {
  readonly says: string;
}
