import { readDecimal } from './readDecimal';
import { lengthToMm, type LengthUnit } from './units';

export type ReadingFault = 'empty' | 'letters' | 'grouped' | 'beyond-gauge';

export type ReadingResult =
  | { readonly ok: true; readonly mm: number; readonly text: string }
  | { readonly ok: false; readonly fault: ReadingFault; readonly text: string };

/**
 * What a mechanic typed, or a keyboard-wedge gauge sent, as millimetres.
 *
 * Comma and point are both decimal marks and no grouping is allowed, so `1.234,5` is refused
 * rather than guessed at. The text is kept as typed beside the value.
 * @param text as typed; spaces around it are ignored
 * @param unit the unit it was typed in
 * @param reachMm the largest size this kind of reading can have; beyond it the decimal mark was
 *   almost certainly missed
 * @example parseReading('0,08', 'mm', 2) // { ok: true, mm: 0.08, text: '0,08' }
 */
export function parseReading(text: string, unit: LengthUnit, reachMm: number): ReadingResult {
  const trimmed = text.trim();
  if (trimmed === '') return { ok: false, fault: 'empty', text };
  if (/\d[.,]\d*[.,]/.test(trimmed)) return { ok: false, fault: 'grouped', text };
  const value = readDecimal(trimmed);
  if (value === null) return { ok: false, fault: 'letters', text };
  const mm = lengthToMm(value, unit);
  if (Math.abs(mm) > reachMm) return { ok: false, fault: 'beyond-gauge', text };
  return { ok: true, mm: mm === 0 ? 0 : mm, text: trimmed };
}
