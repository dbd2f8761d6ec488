import { lengthToMm, torqueToNm } from '@cardinex/core/quantity/units';
import { benchWords } from '@cardinex/words/en/bench';
import type { ReaderUnits } from '@cardinex/words/en/quantity';
import type { Values } from './useBenchValues';

/** One figure a calculator asks for; its key is the field of the reckoning it goes to. */
export interface FigureField {
  readonly key: string;
  readonly label: string;
  /** `gap` and `torque` are typed in the reader's unit, the others as they say; `…s` are lists. */
  readonly kind: 'gap' | 'gaps' | 'torque' | 'mm' | 'mms' | 'deg' | 'number';
  readonly optional?: boolean;
  readonly hint?: string;
}

export interface ReadFigures {
  /** In the unit core takes; absent where the field is empty or cannot be read. */
  readonly figures: Readonly<Record<string, number>>;
  readonly lists: Readonly<Record<string, readonly number[]>>;
  readonly faults: Readonly<Record<string, string>>;
  /** Every field that must be filled in is, and all can be read. */
  readonly complete: boolean;
}

const FIGURE = /^[+\u2212-]?(\d+([.,]\d*)?|[.,]\d+)$/;

/** What stands in a calculator's fields, as numbers in core's units, and what is wrong where. */
export function readFigures(
  fields: readonly FigureField[],
  values: Values,
  units: ReaderUnits,
): ReadFigures {
  const figures: Record<string, number> = {};
  const lists: Record<string, readonly number[]> = {};
  const faults: Record<string, string> = {};
  let complete = true;
  for (const { key, kind, optional = false } of fields) {
    const parts = (values[key] ?? '').trim().split(/\s+/).filter(Boolean);
    const read = parts.map((text) => (FIGURE.test(text) ? inCoreUnit(text, kind, units) : NaN));
    if (parts.length === 0) complete &&= optional;
    else if (read.some(Number.isNaN) || (!isList(kind) && read.length > 1)) {
      faults[key] = isList(kind) ? benchWords.notList : benchWords.notNumber;
      complete = false;
    } else if (isList(kind)) lists[key] = read;
    else figures[key] = read[0] ?? NaN;
  }
  return { figures, lists, faults, complete };
}

/** Several figures with a space between. */
export function isList(kind: FigureField['kind']): boolean {
  return kind === 'gaps' || kind === 'mms';
}

function inCoreUnit(text: string, kind: FigureField['kind'], units: ReaderUnits): number {
  const value = Number(text.replace(',', '.').replace('\u2212', '-'));
  if (kind === 'gap' || kind === 'gaps') return lengthToMm(value, units.length);
  return kind === 'torque' ? torqueToNm(value, units.torque) : value;
}

/** The unit written beside a field. */
export function unitOf(kind: FigureField['kind'], units: ReaderUnits): string {
  return {
    gap: units.length,
    gaps: units.length,
    torque: units.torque,
    mm: 'mm',
    mms: 'mm',
    deg: '°',
    number: '',
  }[kind];
}
