import { readCheck, type Check } from '../../checks/check';
import { cylindersInScope, fitsLiners, type JobSheet } from '../../scope';

/** The check under which the depth of each counterbore is read, and that of each liner's flange. */
export const COUNTERBORES = 'counterbores';
export const FLANGES = 'flanges';

/** What is measured before liners are placed: how deep each ledge lies, how thick each flange is. */
export function linerChecks(sheet: JobSheet): readonly Check[] {
  if (!fitsLiners(sheet)) return [];
  const items = cylindersInScope(sheet).map(String);
  const scale = { floorMm: 0.15, reachMm: [0.5, 80] as const };
  return [
    readCheck({ id: COUNTERBORES, card: 'liners', kind: 'counterbores', items }, scale),
    readCheck({ id: FLANGES, card: 'liners', kind: 'flanges', items }, scale),
  ];
}
