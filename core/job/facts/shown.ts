import type { PrintedLengthUnit } from '../../quantity/units';

/** A reading as it was typed, beside its value in millimetres. */
export interface Printed {
  readonly text: string;
  readonly unit: PrintedLengthUnit;
}

/** How a reading was shown by a gauge that was set to a size: by its divisions. */
export interface DeviationShown {
  /** As it was set, and what that is. */
  readonly set: Printed;
  readonly setMm: number;
  readonly divisionMm: number;
  readonly divisions: number;
}

/** What a reading was taken with, as the crib names it. */
export interface GaugeShown {
  readonly id: string;
  readonly name: string;
}
