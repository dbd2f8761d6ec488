import type { EngineSheet } from '../sheet/engineSheet';
import { heightsOf } from '../sheet/spec/block';
import type { ActData, GapReading, Printed } from './act';
import { boreIds } from './cards/liners';
import type { JobState } from './state';

export type ReadingCard = 'liners' | 'valves';

/** One reading of a job, or the place for one: which card, of what, and which of its readings. */
export interface ReadingSlot {
  readonly card: ReadingCard;
  /** The cylinder, or the valve's printed number. */
  readonly item: string;
  /** The place on the liner as the sheet names it, or found, set, locked, hot. */
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
  readonly card: ReadingCard;
  readonly items: readonly string[];
  readonly readings: readonly string[];
  /** The newest reading of each place, in order of items, then of readings. */
  readonly read: readonly JobReading[];
}

const GAP_READINGS = ['found', 'set', 'locked', 'hot'] as const satisfies readonly GapReading[];

/** The tables of the cards on which an engine is measured; none for what its sheet does not have. */
export function readingTables(sheet: EngineSheet, state: JobState): readonly ReadingTable[] {
  const heights = heightsOf(sheet.liners);
  const valves = sheet.overhead?.adjust === 'hydraulic' ? [] : (sheet.overhead?.valves ?? []);
  const tables: ReadingTable[] = [];
  if (heights) {
    const items = boreIds(sheet);
    const read = items.flatMap((item) =>
      heights.places.flatMap((reading, place) => {
        const found = state.liners.readings[item]?.[place];
        return found ? [{ card: 'liners' as const, item, reading, ...told(found) }] : [];
      }),
    );
    tables.push({ card: 'liners', items, readings: heights.places, read });
  }
  if (valves.length > 0) {
    const items = valves.map(({ id }) => id);
    const read = items.flatMap((item) =>
      GAP_READINGS.flatMap((reading) => {
        const found = state.valves.readings[item]?.[reading];
        return found ? [{ card: 'valves' as const, item, reading, ...told(found) }] : [];
      }),
    );
    tables.push({ card: 'valves', items, readings: GAP_READINGS, read });
  }
  return tables;
}

function told({ mm, printed, at, by }: Omit<JobReading, keyof ReadingSlot>) {
  return { mm, printed, at, by };
}

/** The act that records a reading. */
export type ReadingAct =
  | { readonly type: 'liner.read'; readonly data: ActData['liner.read'] }
  | { readonly type: 'valve.read'; readonly data: ActData['valve.read'] };

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
  const table = tables.find((one) => one.card === card);
  const place = table?.readings.indexOf(reading) ?? -1;
  if (!table?.items.includes(item) || place < 0) return null;
  return card === 'liners'
    ? { type: 'liner.read', data: { bore: item, place, mm, printed } }
    : { type: 'valve.read', data: { valve: item, reading: reading as GapReading, mm, printed } };
}
