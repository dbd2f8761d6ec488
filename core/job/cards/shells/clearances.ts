import { figureMm } from '../../../quantity/figureMm';
import type { JournalSpec } from '../../../sheet/spec/block';
import { CLEARANCE_REACH, readCheck, type Check } from '../../checks/check';
import { bearingsOf } from '../../../sheet/bearingsOf';

/** Where a journal and its bearing are measured across. */
export const JOURNAL_PLACES = ['upright', 'level'] as const;

/** A size may be worn, or a regrind, but not another size altogether. */
export function around(mm: number): readonly [number, number] {
  return [Math.floor(mm * 90) / 100, Math.ceil(mm * 110) / 100];
}

/** The size a journal is measured about; null where the sheet prints none. */
export function journalMm({ standard: { low, high } }: JournalSpec): number | null {
  const printed = high ?? low;
  return printed ? figureMm(printed) : null;
}

/**
 * The clearances of a shaft, asked once its shells are in: by the size of each bearing with its cap pulled, or by strip
 * or leaf the clearance itself.
 * @returns none where the sheet says nothing of it
 */
export function clearanceChecks(journal: JournalSpec): readonly Check[] {
  const mm = journalMm(journal);
  if (!journal.clearance || mm === null) return [];
  return [
    readCheck(
      { id: clearancesId(journal), card: 'shells', kind: 'clearances', items: bearingsOf(journal) },
      { floorMm: 0.03, reachMm: around(mm) },
      { places: JOURNAL_PLACES, journal: journal.id },
    ),
  ];
}

/** The clearance of one bearing in the frame, by strip or leaf: no gauge goes into it. */
export function stripCheck(
  journal: JournalSpec,
  bearing: string,
  own: Pick<Check, 'set' | 'instance'>,
): Check {
  return readCheck(
    {
      id: `${clearancesId(journal)}/${bearing}`,
      card: 'bearings',
      kind: 'clearances',
      items: [bearing],
    },
    { floorMm: 0.03, reachMm: CLEARANCE_REACH },
    { ...own, journal: journal.id },
  );
}

/** Is only the clearance itself read here, and no size? */
export function isByStripAlone({ card, kind }: Pick<Check, 'card' | 'kind'>): boolean {
  return kind === 'clearances' && card === 'bearings';
}

function clearancesId({ id }: JournalSpec): string {
  return `clearances/${id}`;
}
