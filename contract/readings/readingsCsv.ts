import Papa from 'papaparse';
import { parseReading } from '@cardinex/core/quantity/parseReading';
import type { LengthUnit } from '@cardinex/core/quantity/units';
import {
  readingAct,
  type JobReading,
  type ReadingAct,
  type ReadingTable,
} from '@cardinex/core/job/readings';
import { readingFaults as says } from '@cardinex/words/readings';

const NEEDED = ['card', 'item', 'reading', 'value', 'unit'] as const;
/** Written, and of no account when read: who reads a table in is who answers for it. */
const WRITTEN_ONLY = ['at', 'by'] as const;
const UNITS: readonly string[] = ['mm', 'thou'] satisfies readonly LengthUnit[];

/** No engine has more places to measure. */
const MOST_LINES = 2000;

/** One thing wrong with a table: its line as a spreadsheet counts them, the column, what would be right. */
export interface CsvFault {
  readonly line: number;
  readonly field: string;
  readonly says: string;
}

/**
 * A job's readings as CSV, each as it was typed, in its own unit. The format is described in
 * docs/formats/readings.md.
 * @param nameOf what a member is called
 */
export function writeReadings(
  tables: readonly ReadingTable[],
  nameOf: (member: string) => string,
): string {
  const line = ({ card, item, reading, printed, at, by }: JobReading) => ({
    card,
    item,
    reading,
    value: printed.text,
    unit: printed.unit,
    at,
    by: nameOf(by),
  });
  const fields = [...NEEDED, ...WRITTEN_ONLY];
  const data = tables.flatMap(({ read }) => read.map(line));
  // A sign may begin a reading; what else a spreadsheet would reckon with begins none.
  return Papa.unparse({ fields, data }, { newline: '\r\n', escapeFormulae: /^[=@\t\r]/ });
}

/**
 * Readings from CSV, with comma, semicolon or tab between the cells, for a job whose tables are given.
 * @returns the acts that record them, or everything that is wrong and no act
 */
export function readReadings(
  text: string,
  tables: readonly ReadingTable[],
): { readonly acts: readonly ReadingAct[]; readonly faults: readonly CsvFault[] } {
  const { data } = Papa.parse<readonly string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    transform: (cell) => cell.trim(),
  });
  const [first = [], ...lines] = data;
  const fields = first.map((name) => name.toLowerCase());
  const headings = headingFaults(fields);
  if (headings.length > 0) return { acts: [], faults: headings };
  if (lines.length === 0) return failed(says.empty);
  if (lines.length > MOST_LINES) return failed(says.tooMany(MOST_LINES));
  const seen = new Map<string, number>();
  const read = lines.map((cells, place) => {
    const line = place + 2;
    if (cells.length !== fields.length) {
      return { faults: [{ line, field: '', says: says.cells(cells.length, fields.length) }] };
    }
    const row = Object.fromEntries(fields.map((field, n) => [field, cells[n]]));
    return readRow(row, line, tables, seen);
  });
  const faults = read.flatMap((entry) => entry.faults);
  const acts = read.flatMap((item) => ('act' in item ? item.act : []));
  return { acts: faults.length > 0 ? [] : acts, faults };
}

type Row = Readonly<Record<string, string | undefined>>;

function failed(why: string) {
  return { acts: [], faults: [{ line: 1, field: '', says: why }] };
}

function headingFaults(fields: readonly string[]): readonly CsvFault[] {
  const known: readonly string[] = [...NEEDED, ...WRITTEN_ONLY];
  const missing = NEEDED.filter((field) => !fields.includes(field));
  if (missing.length === NEEDED.length) return failed(says.empty).faults;
  const unknown = fields.filter((field) => !known.includes(field));
  const twice = known.filter((field) => fields.indexOf(field) !== fields.lastIndexOf(field));
  return [
    ...(missing.length > 0 ? [says.missing(missing)] : []),
    ...twice.map(says.twice),
    ...(unknown.length > 0 ? [says.unknown(unknown)] : []),
  ].flatMap((why) => failed(why).faults);
}

function readRow(
  row: Row,
  line: number,
  tables: readonly ReadingTable[],
  seen: Map<string, number>,
): { readonly act?: ReadingAct; readonly faults: readonly CsvFault[] } {
  const fault = (field: string, why: string): CsvFault => ({ line, field, says: why });
  const { card = '', item = '', reading = '', value = '', unit = '' } = row;
  const table = tables.find((entry) => entry.card === card.toLowerCase());
  if (!table) return { faults: [fault('card', says.oneOf(tables.map((each) => each.card)))] };
  const named = nameIn(table.items, item);
  const which = nameIn(table.readings, reading);
  const [least, most] = table.reachMm;
  const inUnit = UNITS.includes(unit.toLowerCase()) ? (unit.toLowerCase() as LengthUnit) : null;
  const parsed = parseReading(value, inUnit ?? 'mm', most);
  const faults = [
    ...(named === null ? [fault('item', says.oneOf(table.items))] : []),
    ...(which === null ? [fault('reading', says.oneOf(table.readings))] : []),
    ...(inUnit === null ? [fault('unit', says.oneOf(UNITS))] : []),
    ...(parsed.ok
      ? []
      : [fault('value', parsed.fault === 'beyond-gauge' ? says.reach(most) : says.number)]),
    ...(parsed.ok && parsed.mm < least
      ? [fault('value', least === 0 ? says.number : says.below(least))]
      : []),
  ];
  if (faults.length > 0 || !parsed.ok || named === null || which === null || inUnit === null)
    return { faults };
  const key = `${table.card}/${named}/${which}`;
  const before = seen.get(key);
  if (before !== undefined) return { faults: [fault('reading', says.again(before))] };
  seen.set(key, line);
  const slot = { card: table.card, item: named, reading: which };
  const act = readingAct(tables, slot, parsed.mm, { text: parsed.text, unit: inUnit });
  return act ? { act, faults: [] } : { faults: [fault('item', says.oneOf(table.items))] };
}

/** A name as the table has it, however its letters are written. */
function nameIn(names: readonly string[], written: string): string | null {
  return names.find((name) => name.toLowerCase() === written.toLowerCase()) ?? null;
}
