import type { Printed } from './facts/shown';
import type { GapReading } from './facts/valves';
import { inMillionths } from '../quantity/withinLimits';
import { heightsOf } from '../sheet/spec/block';
import type { ActData } from './act';
import { allChecks } from './checks/allChecks';
import { type Check } from './checks/check';
import { boreIds } from './cards/liners/view';
import { readingOf } from './checks/state';
import { REACH_MM } from './reach';
import type { JobSheet } from './scope';
import type { JobState } from './state';

/** One reading of a job, or the place for one: which card, of what, and which of its readings. */
interface ReadingSlot {
  /** `liners`, `valves`, or the key of a check. */
  readonly card: string;
  /** The cylinder, the valve's printed number, what a check measures. */
  readonly item: string;
  /** The place on the liner as the sheet names it; found, set, locked, hot; a check's place. */
  readonly reading: string;
}

export interface JobReading extends ReadingSlot {
  readonly mm: number;
  readonly printed: Printed;
  readonly at: string;
  readonly by: string;
}

/** A card's readings as a table: what is measured down the side, its readings along the top. */
export interface ReadingTable {
  readonly card: string;
  /** For readings of an inspection. */
  readonly check?: Check;
  /** The least and the most a reading can be and not be a slip of the decimal mark. */
  readonly reachMm: readonly [number, number];
  readonly items: readonly string[];
  readonly readings: readonly string[];
  /** The newest reading of each place, in order of items, then of readings. */
  readonly read: readonly JobReading[];
}

/** What the one reading of a thing read at one place is called. */
export const ONLY_READING = 'reading';

const GAP_READINGS = [
  'found',
  'set',
  'locked',
  'again',
  'hot',
] as const satisfies readonly GapReading[];

/** The tables of the cards on which an engine is measured; none for what its sheet does not have. */
export function readingTables(sheet: JobSheet, state: JobState): readonly ReadingTable[] {
  const heights = heightsOf(sheet.liners);
  const valves = sheet.overhead?.adjust === 'hydraulic' ? [] : (sheet.overhead?.valves ?? []);
  const tables: ReadingTable[] = [];
  if (heights) {
    const items = boreIds(sheet);
    const read = items.flatMap((item) =>
      heights.places.flatMap((reading, place) => {
        const found = state.liners.readings[item]?.[place];
        return found ? [{ card: 'liners' as const, item, reading, ...stamped(found) }] : [];
      }),
    );
    const reachMm = [-REACH_MM.standOut, REACH_MM.standOut] as const;
    tables.push({ card: 'liners', reachMm, items, readings: heights.places, read });
  }
  if (valves.length > 0) {
    const items = valves.map(({ id }) => id);
    const read = items.flatMap((item) =>
      GAP_READINGS.flatMap((reading) => {
        const found = state.valves.readings[item]?.[reading];
        return found ? [{ card: 'valves' as const, item, reading, ...stamped(found) }] : [];
      }),
    );
    const reachMm = [0, REACH_MM.gap] as const;
    tables.push({ card: 'valves', reachMm, items, readings: GAP_READINGS, read });
  }
  return [...checkTables(sheet, state), ...tables];
}

/** What is measured on cards of checks, check by check. */
function checkTables(sheet: JobSheet, { checks }: JobState): readonly ReadingTable[] {
  return allChecks(sheet)
    .filter(({ way }) => way === 'read')
    .map((check): ReadingTable => {
      const { id: card, items, places, reachMm } = check;
      const read = items.flatMap((item) =>
        places.flatMap((place) => {
          const found = readingOf(checks, card, item, place);
          return found ? [{ card, item, reading: nameOf(place), ...stamped(found) }] : [];
        }),
      );
      return { card, check, reachMm, items, readings: places.map(nameOf), read };
    });
}

function nameOf(place: string): string {
  return place === '' ? ONLY_READING : place;
}

function stamped({ mm, printed, at, by }: Omit<JobReading, keyof ReadingSlot>) {
  return { mm, printed, at, by };
}

/** The act that records a reading. */
export type ReadingAct =
  | { readonly type: 'liner.read'; readonly data: ActData['liner.read'] }
  | { readonly type: 'valve.read'; readonly data: ActData['valve.read'] }
  | { readonly type: 'check.read'; readonly data: ActData['check.read'] };

/** Those of some readings that would take the place of another one, of another size. */
export function replacing(
  { liners, valves, checks }: Pick<JobState, 'liners' | 'valves' | 'checks'>,
  acts: readonly ReadingAct[],
): readonly ReadingAct[] {
  const standing = (act: ReadingAct): { readonly mm: number } | undefined => {
    switch (act.type) {
      case 'liner.read':
        return liners.readings[act.data.bore]?.[act.data.place];
      case 'valve.read':
        return valves.readings[act.data.valve]?.[act.data.reading];
      case 'check.read':
        return readingOf(checks, act.data.check, act.data.item, act.data.place);
    }
  };
  return acts.filter((act) => {
    const before = standing(act);
    return before !== undefined && inMillionths(before.mm) !== inMillionths(act.data.mm);
  });
}

/**
 * The act that records a value in a slot of a table.
 * @param tables of the job the reading belongs to
 * @returns null for a slot that no table has
 */
export function readingAct(
  tables: readonly ReadingTable[],
  { card, item, reading }: ReadingSlot,
  mm: number,
  printed: Printed,
): ReadingAct | null {
  const table = tables.find((entry) => entry.card === card);
  const place = table?.readings.indexOf(reading) ?? -1;
  if (!table?.items.includes(item) || place < 0) return null;
  if (table.check) {
    const at = table.check.places[place] ?? '';
    const data = { check: card, item, ...(at !== '' && { place: at }), mm, printed };
    return { type: 'check.read', data };
  }
  return card === 'liners'
    ? { type: 'liner.read', data: { bore: item, place, mm, printed } }
    : { type: 'valve.read', data: { valve: item, reading: reading as GapReading, mm, printed } };
}
