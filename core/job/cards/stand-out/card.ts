import { checkedStanding, hasChecks } from '../../checks/standing';
import { oneEntry, type Card } from '../../kit/card';
import type { JobSheet } from '../../scope';
import { DONE, openFor, type Standing } from '../../standing';
import type { JobState } from '../../state';
import { asOldGasket, gasketFinding } from './checks';

/** How far the pistons stand out, and the gasket they ask for. */
export const standOutCard: Card<'stand-out'> = {
  name: 'stand-out',
  canBeLeftOut: true,
  places: ['pistons', 'gasket'],
  entries: ({ sheet }) => oneEntry('stand-out', hasChecks(sheet, 'stand-out')),
  stands: ({ sheet, state }) => standOutStanding(sheet, state),
};

/** Stand-outs and rods first; then the gasket they ask for. Untouched pistons may go by the old gasket. */
function standOutStanding(sheet: JobSheet, state: JobState): Standing {
  const grades = sheet.gasket?.grades;
  if (grades && state.gasket?.by === 'old-gasket' && asOldGasket(sheet)) return DONE;
  const checked = checkedStanding(sheet, state, 'stand-out');
  if (checked.status !== 'done' || !grades) return checked;
  if (state.gasket) return DONE;
  const found = gasketFinding(sheet, state.checks);
  const needsAttention = found === null || found.mark === null || found.clearance === 'too-close';
  return openFor({ code: 'gasket-to-choose', mark: found?.mark ?? null }, needsAttention);
}
