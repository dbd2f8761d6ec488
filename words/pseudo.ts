/**
 * A language made by machine: what a text of ours becomes in it is longer, accented and in another order. It
 * shows what is said by something else than words/, and what has no room for a language with long words.
 * Data that stands within a sentence is changed with it; figures with their units, and what was said before,
 * are not.
 */

/** Signs a text of this language begins and ends with. */
const [FROM, TO] = ['‹', '›'];
/** How much longer a language may be than the one a screen was drawn with. */
const LONGER = 0.4;
const FILLER = 'más öñ ťhät çáll fór ůp ';

const ACCENTS: Readonly<Record<string, string>> = {
  a: 'á',
  c: 'ç',
  e: 'é',
  i: 'í',
  n: 'ñ',
  o: 'ö',
  s: 'š',
  u: 'ü',
  y: 'ý',
  A: 'Á',
  C: 'Ç',
  E: 'É',
  I: 'Í',
  N: 'Ñ',
  O: 'Ö',
  S: 'Š',
  U: 'Ü',
};

/** Units and signs of quantities are the same in every language. */
const SAME =
  /^(?:[\d\s.,:;+\-−–×·°%/=<>≤≥±'"()#]|N·m|lbf·ft|lbf·in|kgf·m|mm|thou|kN|MPa|GPa|bar|psi|cm³|kg|\bg\b|°C|M\d|\bh\b)*$/;

/** A text of ours as this language has it; what it has said already stays. */
export function pseudoText(text: string): string {
  if (SAME.test(text) || (text.startsWith(FROM) && text.endsWith(TO))) return text;
  const parts = text.split(new RegExp(`(${FROM}[^${FROM}${TO}]*${TO})`));
  const sentence = parts
    .map((part) => (part.startsWith(FROM) ? part.slice(1, -1) : accented(part)))
    .join('');
  const longer = FILLER.repeat(8)
    .slice(0, Math.ceil(text.length * LONGER))
    .trimEnd();
  return `${FROM}${turned(sentence)}${longer === '' ? '' : ` ${longer}`}${TO}`;
}

function accented(text: string): string {
  return [...text].map((letter) => ACCENTS[letter] ?? letter).join('');
}

/** Its first word last: no screen may count on where in a sentence something stands. */
function turned(text: string): string {
  const [first = '', ...others] = text.split(' ');
  return others.length < 2 ? text : [...others, first].join(' ');
}

/** Keys under which a module of words hands on facts rather than texts. */
const FACTS = new Set(['id', 'key', 'path', 'kind', 'code', 'href']);

/** What a module of words exports, said in this language: texts, lists and records of them, and what makes them. */
export function pseudo<Exported>(exported: Exported): Exported {
  return of(exported) as Exported;
}

function of(value: unknown): unknown {
  if (typeof value === 'string') return pseudoText(value);
  if (typeof value === 'function') {
    return (...facts: unknown[]): unknown =>
      of((value as (...all: unknown[]) => unknown)(...facts));
  }
  if (Array.isArray(value)) return value.map(of);
  if (typeof value !== 'object' || value === null || !isPlain(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [
      key,
      FACTS.has(key) && isFact(inner) ? inner : of(inner),
    ]),
  );
}

/** A fact is written without spaces: "fastenedSets", "E1". */
function isFact(value: unknown): boolean {
  return typeof value === 'string' && !value.includes(' ');
}

function isPlain(value: object): boolean {
  return Object.getPrototypeOf(value) === Object.prototype;
}
