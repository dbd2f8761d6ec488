import { valueIn } from '@cardinex/core/quantity/readQuantity';
import { lengthToMm, torqueToNm } from '@cardinex/core/quantity/units';
import { benchWords } from '@cardinex/words/bench';
import type { ReaderUnits } from '@cardinex/words/quantity';
import type { Values } from './useBenchValues';

/** One figure a calculator asks for; its key is the field of the reckoning it goes to. */
export interface FigureField {
  readonly key: string;
  readonly label: string;
  /** `gap` and `torque` are typed in the reader's unit, the others as they say; `…s` are lists. */
  readonly kind: 'gap' | 'gaps' | 'torque' | 'mm' | 'mms' | 'deg' | 'number' | 'numbers';
  /** Written beside a plain number. */
  readonly unit?: string;
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
  for (const { key, kind, unit = '', optional = false } of fields) {
    const text = (values[key] ?? '').trim();
    const parts = isList(kind) ? text.split(/\s+/) : [text];
    const read = parts.map((part) => inCoreUnit(part, { kind, unit }, units));
    if (text === '') complete &&= optional;
    else if (read.some(Number.isNaN)) {
      faults[key] = isList(kind) ? benchWords.notList : benchWords.notNumber;
      complete = false;
    } else if (isList(kind)) lists[key] = read;
    else figures[key] = read[0] ?? NaN;
  }
  return { figures, lists, faults, complete };
}

/** Lines of figures, one thing a line, as a calculator of many things takes them. */
export function readLines(
  text: string,
  kind: 'gaps' | 'mms',
  units: ReaderUnits,
): { readonly rows: readonly (readonly number[])[]; readonly fault: string | undefined } {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  const read = readFigures(
    lines.map((_, at) => ({ key: String(at), label: '', kind })),
    Object.fromEntries(lines.map((line, at) => [String(at), line])),
    units,
  );
  return {
    rows: lines.map((_, at) => read.lists[String(at)] ?? []),
    fault: Object.values(read.faults)[0],
  };
}

/** Several figures with a space between. */
export function isList(kind: FigureField['kind']): boolean {
  return kind === 'gaps' || kind === 'mms' || kind === 'numbers';
}

function inCoreUnit(
  text: string,
  field: Pick<FigureField, 'kind' | 'unit'>,
  units: ReaderUnits,
): number {
  const { kind } = field;
  const beside = unitOf(field, units);
  const value = valueIn(text, beside === '°' ? 'deg' : beside) ?? NaN;
  if (kind === 'gap' || kind === 'gaps') return lengthToMm(value, units.length);
  return kind === 'torque' ? torqueToNm(value, units.torque) : value;
}

/** The unit written beside a field. */
export function unitOf(
  { kind, unit = '' }: Pick<FigureField, 'kind' | 'unit'>,
  units: ReaderUnits,
): string {
  return {
    gap: units.length,
    gaps: units.length,
    torque: units.torque,
    mm: 'mm',
    mms: 'mm',
    deg: '°',
    number: unit,
    numbers: unit,
  }[kind];
}
