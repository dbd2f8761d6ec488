import { readQuantity, type QuantityFault } from './readQuantity';
import { lengthToMm, type LengthUnit, type PrintedLengthUnit } from './units';

export type ReadingFault = QuantityFault | 'beyond-gauge';

type ReadingResult =
  | {
      readonly ok: true;
      readonly mm: number;
      /** As typed, without a unit; and the unit it was typed in. */
      readonly text: string;
      readonly unit: PrintedLengthUnit;
    }
  | { readonly ok: false; readonly fault: ReadingFault; readonly text: string };

/**
 * What a mechanic typed, or a keyboard-wedge gauge sent, as millimetres: read as every figure is, kept
 * as typed beside the value.
 * @param text as typed; spaces around it are ignored
 * @param unit the unit it was typed in, unless it names its own
 * @param reachMm the largest size this kind of reading can have; beyond it the decimal mark was
 *   almost certainly missed
 * @example parseReading('0,08', 'mm', 2) // { ok: true, mm: 0.08, text: '0,08', unit: 'mm' }
 */
export function parseReading(text: string, unit: LengthUnit, reachMm: number): ReadingResult {
  const read = readQuantity(text, unit);
  if (!read.ok) return { ok: false, fault: read.fault, text };
  const typedIn = AS_PRINTED.find((entry) => entry === read.unit);
  const mm = lengthToMm(read.value, unit);
  if (Math.abs(mm) > reachMm) return { ok: false, fault: 'beyond-gauge', text };
  return {
    ok: true,
    mm: mm === 0 ? 0 : mm,
    // A unit that no manual prints lengths in is kept as what it comes to.
    ...(typedIn ? { text: read.digits, unit: typedIn } : { text: String(mm), unit: 'mm' }),
  };
}

const AS_PRINTED: readonly PrintedLengthUnit[] = ['mm', 'thou', 'in'];
