import { mainJournal } from '../../../sheet/mainJournal';
import { memoizeByObject } from '../../../sheet/memoize';
import { ofInstance } from '../../../sheet/ofInstance';
import { setOf } from '../../../sheet/programmeOf';
import type { JournalSpec } from '../../../sheet/spec/block';
import { seenCheck, type Check } from '../../checks/check';
import type { JobSheet } from '../../scope';
import { setChecks } from '../inspect/setChecks';
import { stripCheck } from '../shells/clearances';
import { shellsFoundCheck, thrustCheck } from '../shells/checks';
import { capsOneByOne, type MainCap } from './caps';

/** At which step the old upper shell is out: from then on it can be looked at. */
export const ROLLED_OUT = 'rolled-out';

/** At which step the new shells are in. */
export const ROLLED_IN = 'rolled-in';

/** What is done at a bearing while its cap is off, and as the cap goes on again. */
const BEARING_STEPS = [
  ROLLED_OUT,
  'journal',
  'new-shells',
  'tang',
  'oil-hole',
  'halves',
  ROLLED_IN,
  'oiled',
  'cap-way',
] as const;

/** The steps at which the crank is turned to roll a shell round it. */
const ROLLING = [ROLLED_OUT, ROLLED_IN] as const;

/** The check of one bearing: its shells rolled out and in. */
export function bearingCheckId(bearing: string): string {
  return `bearing/${bearing}`;
}

/** Everything that is looked at and read with the caps off one at a time, bearing by bearing. */
export const bearingChecks = memoizeByObject((sheet: JobSheet): readonly Check[] => {
  const caps = capsOneByOne(sheet);
  const journal = mainJournal(sheet);
  if (caps.length === 0) return [];
  const bearings = caps.map(({ bearing }) => bearing);
  return [
    ...(journal ? [shellsFoundCheck(journal, 'bearings', bearings)] : []),
    ...caps.flatMap((cap) => ofCap(sheet, cap, journal)),
    ...(journal?.endFloat ? [thrustCheck(journal, 'bearings')] : []),
  ];
});

function ofCap(
  sheet: JobSheet,
  { bearing, set: id, instance }: MainCap,
  journal: JournalSpec | undefined,
): readonly Check[] {
  const set = setOf(sheet, id);
  const own = { set: id, instance };
  return [
    seenCheck(
      { id: bearingCheckId(bearing), card: 'bearings', kind: 'bearing', items: [bearing] },
      {
        ...own,
        places: BEARING_STEPS,
        byItem: true,
        turnsCrank: true,
        turnsAt: ROLLING,
        ...(journal && { journal: journal.id }),
      },
    ),
    ...(journal?.clearance ? [stripCheck(journal, bearing, own)] : []),
    // Studs stay in the block: there is no hole to be seen to.
    ...(set
      ? setChecks(ofInstance(set, instance), 'bearings', [instance]).filter(
          ({ kind }) => kind !== 'holes' || set.groups.every(({ sort }) => sort !== 'stud'),
        )
      : []),
  ];
}
