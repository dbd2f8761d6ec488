import { counted, plural } from './kit';
import type { ReadingTable } from '@cardinex/core/job/readings';
import type { JobSheet } from '@cardinex/core/job/scope';
import { checkName } from './checkNames';
import { listed } from './quantity';

/** The readings of a job as tables, on the screen and as CSV. */
export const readingsWords = {
  title: 'Readings',
  open: 'Readings as tables',
  none: 'Nothing is measured on the cards of this engine.',
  far: (value: string) => `${value} is far from its fellows.`,
  farAsk: 'Read it again, or keep it if it is so.',
  farKeep: 'It is so: keep it',
  farAgain: 'Read again',
  stands: (what: string, before: string, now: string) =>
    `${what} reads ${before}. Put ${now} there?`,
  replaceAsk: 'What stood there stays in the record, and no longer counts.',
  replaces: (count: number) =>
    `${count} ${plural(count, { one: 'reading here stands', other: 'readings here stand' })} already, at another size.`,
  replaceAll: 'Replace what stands',
  leaveAll: 'Take nothing in',
  replace: 'Replace it',
  leave: 'Leave it as it is',
  divisions: (one: string) => `× ${one}`,
  isSize: (size: string) => `= ${size}`,
  noDivision: 'Type what the gauge shows, by its divisions: +3, −2, or half ones, +1.5.',
  notSet: 'The gauge shows the size itself',
  isSet: (size: string, division: string) => `Gauge set to ${size}, one division ${division}`,
  setSize: 'Set to',
  division: 'One division of it is',
  useSet: 'It is set so',
  asIs: 'It shows the size itself',
  setFirst: 'Say what it was set to.',
  number: 'Number',
  reading: 'Reading',
  what: 'What',
  save: 'Save as CSV',
  fromFile: 'From a CSV file',
  fromFileHint: 'all of it, or none',
  paste: 'Or paste a table',
  pasteHint: 'card, item, reading, value, unit',
  take: 'Take these in',
  taken: (count: number) => `${counted(count, { one: 'reading', other: 'readings' })} taken in.`,
  notTaken: 'Nothing was taken in. Put these right first:',
  line: (line: number) => `Line ${line}`,
} as const;

/** What a table of readings is called. */
export function tableName(sheet: JobSheet, { card, check }: ReadingTable): string {
  if (check) return checkName(sheet, check);
  return card === 'liners' ? 'Liner stand-out' : 'Gaps';
}

/** What is wrong with a table of readings, and what would be right. */
export const readingFaults = {
  empty: 'This holds no readings: a line of headings, then one for each reading.',
  missing: (columns: readonly string[]) => `is missing: ${listed(columns)}. They are the headings.`,
  unknown: (columns: readonly string[]) =>
    `is not known: ${listed(columns)}. Headings are card, item, reading, value and unit.`,
  twice: (column: string) => `holds ${column} twice.`,
  cells: (count: number, total: number) => `holds ${count} cells; there are ${total} headings.`,
  oneOf: (allowed: readonly string[]) => `must be one of ${allowed.join(', ')}`,
  again: (line: number) => `is read in line ${line} already`,
  number: 'must be a number, with a comma or a point for its decimals',
  reach: (most: number) => `is beyond ${most} mm: look at the decimal mark`,
  below: (least: number) => `is below ${least} mm: look at the decimal mark`,
  tooMany: (most: number) => `holds more than ${most} lines`,
} as const;
