import type { Limits } from '../../quantity/figure';
import { figureMm } from '../../quantity/figureMm';
import type { PrintedLengthUnit } from '../../quantity/units';

/** Printed limits in millimetres; those that are printed. */
export function limitsMm(limits: Limits<PrintedLengthUnit> | undefined): {
  lowMm?: number;
  highMm?: number;
} {
  return {
    ...(limits?.low && { lowMm: figureMm(limits.low) }),
    ...(limits?.high && { highMm: figureMm(limits.high) }),
  };
}
