import { readNumber, type NumberFault } from './readNumber';
import { inMillionths } from './withinLimits';

/** A comparing gauge as it was set: it shows by how many of its divisions a size differs from what it was set to. */
export interface GaugeSet {
  readonly setMm: number;
  /** What one division of its face is worth. */
  readonly divisionMm: number;
}

/** `no-division`: neither whole divisions nor half ones, so that a size was typed, or millimetres. */
export type DeviationFault = NumberFault | 'no-division';

type ReadDeviation =
  | { readonly ok: true; readonly mm: number; readonly divisions: number }
  | { readonly ok: false; readonly fault: DeviationFault };

/** A dial goes round a few times at most: more is no deviation, but a size. */
const MOST_DIVISIONS = 300;

/**
 * What a gauge that was set to a size shows, as the size: whole divisions or half ones, with their sign.
 * @param text as typed: "+3", "-2,5", "0"
 * @example readDeviation('+3', { setMm: 94, divisionMm: 0.01 }) // { ok: true, mm: 94.03, divisions: 3 }
 */
export function readDeviation(text: string, gauge: GaugeSet): ReadDeviation {
  const read = readNumber(text);
  if (!read.ok) return { ok: false, fault: read.fault };
  if (read.rest !== '') return { ok: false, fault: 'letters' };
  const divisions = read.value;
  const isDivision = Number.isInteger(divisions * 2) && Math.abs(divisions) <= MOST_DIVISIONS;
  if (!isDivision) return { ok: false, fault: 'no-division' };
  return { ok: true, mm: deviated(gauge, divisions), divisions };
}

/** The size at which a gauge shows so many divisions. */
export function deviated({ setMm, divisionMm }: GaugeSet, divisions: number): number {
  return inMillionths(setMm + divisions * divisionMm) / 1_000_000;
}
