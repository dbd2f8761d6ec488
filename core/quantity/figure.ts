import type { LengthUnit, TorqueUnit } from './units';

/** Where a figure was read. A guess is never shown as if a manual had printed it. */
export type FigureOrigin = 'manual' | 'leaflet' | 'shop' | 'hearsay' | 'assumed';

/**
 * One figure as printed: its text, its value and its own unit, never converted in storage.
 * `source` is where a reader can find it ("Manual T44, p. 41, rev. C").
 */
export interface Figure<Unit extends string> {
  readonly text: string;
  readonly value: number;
  readonly unit: Unit;
  readonly from: FigureOrigin;
  readonly source: string;
}

export type LengthFigure = Figure<LengthUnit>;
export type TorqueFigure = Figure<TorqueUnit>;
export type AngleFigure = Figure<'deg'>;
