import { seenCheck, type Check } from '../../checks/check';
import { openToShells, type JobSheet } from '../../scope';

/** What is looked at as each pair of shells goes in. */
const SHELL_STEPS = ['size', 'backs', 'tang', 'oil-hole', 'halves', 'oiled'] as const;

/** The one item of a shaft's thrust washers. */
const THRUST = 'thrust';

/** Shells by their place, and the thrust washers of the shaft that has its end float there. */
export function shellChecks(sheet: JobSheet): readonly Check[] {
  if (!openToShells(sheet)) return [];
  return (sheet.journals ?? []).flatMap((journal): Check[] => {
    const items = Array.from({ length: journal.count }, (_, place) => String(place + 1));
    const shells = seenCheck(
      { id: `shells/${journal.id}`, card: 'shells', kind: 'shells', items },
      { places: SHELL_STEPS, byItem: true, journal: journal.id },
    );
    if (!journal.endFloat) return [shells];
    const thrust = seenCheck(
      { id: `thrust/${journal.id}`, card: 'shells', kind: 'thrust', items: [THRUST] },
      { journal: journal.id },
    );
    return [shells, thrust];
  });
}
