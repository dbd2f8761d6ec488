import type { PrintedLengthUnit } from '../../quantity/units';

/** A reading as it was typed, beside its value in millimetres. */
export interface Printed {
  readonly text: string;
  readonly unit: PrintedLengthUnit;
}

/** What a reading was taken with, as the crib names it. */
export interface GaugeShown {
  readonly id: string;
  readonly name: string;
}
