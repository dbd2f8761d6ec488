import { readNumber, type NumberFault } from './readNumber';
import { BAR_PER, MINUTES_PER, MM_PER, NM_PER } from './units';

/** Units of one kind, each with what it is in the first of them. */
const KINDS: readonly Readonly<Record<string, number>>[] = [
  { ...MM_PER, cm: 10, m: 1000, µm: 0.001 },
  NM_PER,
  { ...BAR_PER, kPa: 0.01, MPa: 10 },
  { deg: 1, turn: 360 },
  { g: 1, kg: 1000 },
  { cc: 1, l: 1000 },
  MINUTES_PER,
  { '°C': 1 },
  { kN: 1, N: 0.001 },
  { '%': 1 },
];

/** How people write units, the more particular first. */
const WRITTEN: readonly (readonly [RegExp, string])[] = [
  [/^(lbf?|pounds?)[\s·.*-]*(ft|feet|foot)$|^(ft|foot)[\s·.*-]*(lbs?|lbf|pounds?)$/i, 'lbf·ft'],
  [/^(lbf?|pounds?)[\s·.*-]*in(ch(es)?)?$|^in(ch)?[\s·.*-]*(lbs?|lbf|pounds?)$/i, 'lbf·in'],
  [/^kgf?[\s·.*-]*m$|^m[\s·.*-]*kgf?$/i, 'kgf·m'],
  [/^n[\s·.*-]*m$|^newton[\s-]?met(re|er)s?$/i, 'N·m'],
  [/^(°|deg(rees?)?)$/i, 'deg'],
  [/^turns?$/i, 'turn'],
  [/^(thous?|mils?)$/i, 'thou'],
  [/^(µm|μm|um|microns?)$/i, 'µm'],
  [/^mm$|^millimet(re|er)s?$/i, 'mm'],
  [/^cm$/i, 'cm'],
  [/^(in|inch|inches|"|″)$/i, 'in'],
  [/^m$|^met(re|er)s?$/i, 'm'],
  [/^psi$/i, 'psi'],
  [/^bars?$/i, 'bar'],
  [/^mpa$/i, 'MPa'],
  [/^kpa$/i, 'kPa'],
  [/^h(rs?|ours?)?$/i, 'h'],
  [/^min(ute)?s?$/i, 'min'],
  [/^(cc|cm³|ml)$/i, 'cc'],
  [/^l(it(re|er)s?)?$/i, 'l'],
  [/^kg$/i, 'kg'],
  [/^g(rams?)?$/i, 'g'],
  [/^°\s?c$/i, '°C'],
  [/^kn$/i, 'kN'],
  [/^n$/i, 'N'],
  [/^%$/, '%'],
];

/** The unit a word stands for; null for a word that is none. */
export function unitNamed(word: string): string | null {
  const bare = word.trim().replace(/\.$/, '');
  return WRITTEN.find(([pattern]) => pattern.test(bare))?.[1] ?? null;
}

export type QuantityFault = NumberFault | 'other-unit';

type ReadQuantity =
  | {
      readonly ok: true;
      /** In the unit asked for. */
      readonly value: number;
      /** As it was typed, without its unit. */
      readonly digits: string;
      /** The unit it was typed in: its own, or the one asked for. */
      readonly unit: string;
    }
  | { readonly ok: false; readonly fault: QuantityFault };

/**
 * A figure as it is typed into a field of one unit: comma or point, a fraction, and a unit of its own
 * where one is written behind it ("63 lbf·ft" in a field of newton metres).
 * @param unit the field's own, by its plain name; '' for a plain number
 * @example readQuantity('3/8 in', 'mm') // { ok: true, value: 9.525, digits: '3/8', unit: 'in' }
 */
export function readQuantity(text: string, unit: string): ReadQuantity {
  const read = readNumber(text);
  if (!read.ok) return read;
  const { value, digits, rest } = read;
  if (rest === '') return { ok: true, value, digits, unit };
  const written = unitNamed(rest);
  if (written === null)
    return { ok: false, fault: unit === '' || isWord(rest) ? 'letters' : 'other-unit' };
  if (written === unit) return { ok: true, value, digits, unit };
  const kind = KINDS.find((entry) => unit in entry && written in entry);
  const [from, to] = [kind?.[written], kind?.[unit]];
  if (from === undefined || to === undefined) return { ok: false, fault: 'other-unit' };
  return { ok: true, value: (value * from) / to, digits, unit: written };
}

/** Letters run into the digits are a slip of the thumb, not a unit. */
function isWord(rest: string): boolean {
  return /\d/.test(rest);
}

/**
 * The same where what is wrong does not matter: null for anything that is no such figure.
 * @example valueIn('0,08', 'mm') // 0.08
 */
export function valueIn(text: string, unit = ''): number | null {
  const read = readQuantity(text, unit);
  return read.ok ? read.value : null;
}

/** Several with a space or a semicolon between; null where one of them is none. */
export function valuesIn(text: string, unit = ''): readonly number[] | null {
  const parts = text
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean);
  const values = parts.map((part) => valueIn(part, unit));
  return values.every((value) => value !== null) ? values : null;
}
