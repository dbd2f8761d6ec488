import { bearingsOf } from '../../../sheet/bearingsOf';
import { mainJournal } from '../../../sheet/mainJournal';
import type { JournalSpec } from '../../../sheet/spec/block';
import { seenCheck, type Check, type CheckCard } from '../../checks/check';
import { journalsOpen, type JobSheet } from '../../scope';
import { clearanceChecks } from './clearances';
import { capsOneByOne } from '../bearings/caps';

/** What is looked at as each pair of shells goes in. */
const SHELL_STEPS = ['size', 'backs', 'tang', 'oil-hole', 'halves', 'oiled'] as const;

/** The one item of a shaft's thrust washers. */
const THRUST = 'thrust';

/** The halves of a bearing: the one the cap holds, and the one it lies against. */
export const SHELL_HALVES = ['upper', 'lower'] as const;
export type ShellHalf = (typeof SHELL_HALVES)[number];

/** An old shell, by its bearing and which half it is. */
export function shellItem(bearing: string, half: ShellHalf): string {
  return `${bearing}/${half}`;
}

/** The bearing and the half of an item. */
export function shellOfItem(item: string): { readonly bearing: string; readonly half: ShellHalf } {
  const [bearing = '', half = ''] = item.split('/');
  return { bearing, half: half === 'upper' ? 'upper' : 'lower' };
}

/** The check under which the old shells of a shaft are compared as they come out. */
export function shellsFoundId({ id }: JournalSpec): string {
  return `shells-found/${id}`;
}

/** How each old shell was found, beside its fellows. */
export function shellsFoundCheck(
  journal: JournalSpec,
  card: CheckCard,
  bearings: readonly string[],
): Check {
  const items = bearings.flatMap((bearing) => SHELL_HALVES.map((half) => shellItem(bearing, half)));
  return seenCheck(
    { id: shellsFoundId(journal), card, kind: 'shells-found', items },
    { journal: journal.id },
  );
}

export function thrustCheckId({ id }: JournalSpec): string {
  return `thrust/${id}`;
}

/** The thrust washers of the shaft that has its end float there. */
export function thrustCheck(journal: JournalSpec, card: CheckCard): Check {
  return seenCheck(
    { id: thrustCheckId(journal), card, kind: 'thrust', items: [THRUST] },
    { journal: journal.id },
  );
}

/** Shells by their place, and thrust washers; those that go in bearing by bearing have a card of their own. */
export function shellChecks(sheet: JobSheet): readonly Check[] {
  return journalsOpen(sheet).flatMap((journal): Check[] => {
    if (isByBearing(sheet, journal)) return [];
    const shells = seenCheck(
      {
        id: `shells/${journal.id}`,
        card: 'shells',
        kind: 'shells',
        items: bearingsOf(journal),
      },
      { places: SHELL_STEPS, byItem: true, journal: journal.id },
    );
    return [
      shells,
      ...clearanceChecks(journal),
      ...(journal.endFloat ? [thrustCheck(journal, 'shells')] : []),
    ];
  });
}

/** Are the bearings of this shaft opened one at a time, with the crank in its place? */
export function isByBearing(sheet: JobSheet, journal: JournalSpec): boolean {
  return journal === mainJournal(sheet) && capsOneByOne(sheet).length > 0;
}
