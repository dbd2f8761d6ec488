import { headOf } from '../../../sheet/assembly/references';
import { isValve } from '../../../sheet/settingItems';
import type { AssemblyAct } from '../../../sheet/spec/assembly';
import { viewsOn } from '../../checks/views';
import type { CheckCard } from '../../checks/check';
import { pumpView } from '../pump/view';
import { timingView } from '../timing/view';
import { overheadView } from '../valves/view';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { CardName } from '../../trayReason';

/**
 * The card on which something is done that a piece would shut in; null for what is done once the engine is whole:
 * whatever shuts that is opened again for it.
 */
const CARD_OF: Readonly<Record<AssemblyAct, CardName | null>> = {
  'set-valves': 'valves',
  'set-injectors': 'valves',
  'set-brakes': 'valves',
  'set-actuators': 'valves',
  'set-valves-again': 'valves',
  'set-valves-hot': null,
  'pull-again': null,
  'see-timing': 'timing',
  'time-pump': 'pump',
  'read-stand-out': 'stand-out',
  'read-liners': 'liners',
  'read-end-float': 'crank',
  'clamp-liners': null,
  'turn-crank': null,
  'fill-oil': null,
  'fill-coolant': null,
  'prime-oil': null,
  'prime-fuel': null,
  'start-engine': null,
};

/** The card that has to be worked on before this act is done; null once it is, or where the job has none of it. */
export function cardToDo(sheet: JobSheet, state: JobState, actInstance: string): CardName | null {
  const act = headOf(actInstance) as AssemblyAct;
  const card = CARD_OF[act];
  return card !== null && !isDone(sheet, state, act) ? card : null;
}

function isDone(sheet: JobSheet, state: JobState, act: AssemblyAct): boolean {
  const { leftOut, liners } = state;
  switch (act) {
    case 'set-valves':
    case 'set-injectors':
    case 'set-brakes':
    case 'set-actuators':
    case 'set-valves-again':
      return areSet(sheet, state, act);
    case 'see-timing':
      return leftOut.timing !== undefined || !timingView(sheet, state)?.next;
    case 'time-pump':
      return leftOut.pump !== undefined || !pumpView(sheet, state)?.next;
    case 'read-stand-out':
      return isChecked(sheet, state, 'stand-out');
    case 'read-end-float':
      return isChecked(sheet, state, 'crank');
    case 'read-liners':
      return liners.accepted !== null;
    default:
      return true;
  }
}

/** Is everything of a kind set? Gaps that are to be felt once more are not, until they have been. */
function areSet(sheet: JobSheet, state: JobState, act: AssemblyAct): boolean {
  const view = overheadView(sheet, state.valves, state.crank, 'cold');
  if (!view) return true;
  const { items, again } = view;
  const own = items.filter(({ item }) => {
    switch (act) {
      case 'set-injectors':
        return item.kind === 'injector';
      case 'set-brakes':
        return item.kind === 'brake';
      case 'set-actuators':
        return item.kind === 'actuator';
      default:
        return isValve(item);
    }
  });
  return again !== 'due' && own.every(({ done }) => done);
}

function isChecked(sheet: JobSheet, { checks, leftOut }: JobState, card: 'stand-out' | 'crank') {
  if (leftOut[card]) return true;
  return viewsOn(sheet, checks, card satisfies CheckCard).every(({ done }) => done);
}
