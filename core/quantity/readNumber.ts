/** Digits with one decimal mark, comma or point; a fraction, alone or behind a whole number. */
const NUMBER =
  /^([+\u2212\u2013-]?)\s*(?:(\d+)\s*([¼½¾⅛⅜⅝⅞])|([¼½¾⅛⅜⅝⅞])|(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)|(\d+(?:[.,]\d*)?|[.,]\d+))\s*/;

const VULGAR: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

export type NumberFault = 'empty' | 'letters' | 'grouped';

type ReadNumber =
  | { readonly ok: true; readonly value: number; readonly digits: string; readonly rest: string }
  | { readonly ok: false; readonly fault: NumberFault };

/**
 * The number a text begins with, as people type and print it, and what stands behind it. Comma and
 * point are both decimal marks and nothing is grouped, so that "1.234,5" is refused rather than guessed
 * at. Every field of the app reads through this.
 * @example readNumber('0,08 mm') // { ok: true, value: 0.08, digits: '0,08', rest: 'mm' }
 * @example readNumber('1 3/8 in').value // 1.375
 */
export function readNumber(text: string): ReadNumber {
  const typed = text.trim();
  if (typed === '') return { ok: false, fault: 'empty' };
  const found = NUMBER.exec(typed);
  if (!found) return { ok: false, fault: 'letters' };
  const [all, sign, whole, vulgar, alone, mixed = '0', over, under, decimal] = found;
  const rest = typed.slice(all.length);
  if (/^[.,\d]/.test(rest)) return { ok: false, fault: 'grouped' };
  const size =
    vulgar !== undefined
      ? Number(whole) + (VULGAR[vulgar] ?? NaN)
      : alone !== undefined
        ? (VULGAR[alone] ?? NaN)
        : decimal !== undefined
          ? Number(decimal.replace(',', '.'))
          : Number(mixed) + Number(over) / Number(under);
  if (!Number.isFinite(size)) return { ok: false, fault: 'letters' };
  const value = sign === '' || sign === '+' || size === 0 ? size : -size;
  return { ok: true, value, digits: all.trim(), rest };
}
