import type { ChecksState } from '../facts/checks';
import { figureMm } from '../../quantity/figureMm';
import { atMost } from '../../quantity/withinLimits';
import { THICKNESS } from '../cards/inspect/checks';
import type { JobSheet } from '../scope';
import type { Check } from './check';
import { readingOf, WHOLE } from './state';

/** Two gauges, or two hands, may differ by this much on one size. */
const GAUGE_MM = 0.05;

/**
 * The size of a new part that a reading lies above: nothing wears thicker, so it is misread, measured
 * at the wrong place, or another engine's part. Null where it is not, or no such size is printed.
 */
export function aboveNew(sheet: JobSheet, check: Check, item: string, mm: number): number | null {
  const printed =
    check.kind === 'flatness' && item === THICKNESS
      ? sheet.head?.standardThickness
      : check.kind === 'rings'
        ? sheet.sealingRing?.new
        : undefined;
  if (!printed) return null;
  const newMm = figureMm(printed);
  return atMost(mm, newMm + GAUGE_MM) ? null : newMm;
}

export interface AboveNew {
  readonly mm: number;
  readonly newMm: number;
}

/** The first reading of an item, or of a check judged as a whole, that lies above the size of a new part. */
export function readingAboveNew(
  sheet: JobSheet,
  state: ChecksState,
  check: Check,
  item: string,
): AboveNew | null {
  for (const one of item === WHOLE ? check.items : [item]) {
    for (const place of check.places) {
      const mm = readingOf(state, check.id, one, place)?.mm;
      const newMm = mm === undefined ? null : aboveNew(sheet, check, one, mm);
      if (mm !== undefined && newMm !== null) return { mm, newMm };
    }
  }
  return null;
}
