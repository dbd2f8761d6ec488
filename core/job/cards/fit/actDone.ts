import { headOf } from '../../../sheet/assembly/references';
import { isValve, type SettingItem } from '../../../sheet/settingItems';
import type { AssemblyAct } from '../../../sheet/spec/assembly';
import { viewsOn } from '../../checks/views';
import { runsOf } from '../../run/runsOf';
import { runDone } from '../../run/runView';
import { AFTER_HEAT, setsAfterHeat } from '../after-heat/programme';
import { pumpView } from '../pump/view';
import { timingView } from '../timing/view';
import { overheadView } from '../valves/view';
import type { JobSheet } from '../../scope';
import type { JobState } from '../../state';
import type { CardName } from '../../facts/cardName';

/** Where something is done that a piece would shut in, and whether it is. */
interface ActOnCard {
  readonly card: CardName;
  readonly isDone: (sheet: JobSheet, state: JobState) => boolean;
}

/**
 * What a piece must not go on over before it is done. What is done once the engine is whole is not among it: whatever
 * shuts that is opened again for it.
 */
const ACTS: Readonly<Partial<Record<AssemblyAct, ActOnCard>>> = {
  'set-valves': setting(isValve),
  'set-valves-again': setting(isValve),
  'set-injectors': setting(({ kind }) => kind === 'injector'),
  'set-brakes': setting(({ kind }) => kind === 'brake'),
  'set-actuators': setting(({ kind }) => kind === 'actuator'),
  'see-timing': {
    card: 'timing',
    isDone: (sheet, state) => state.leftOut.timing !== undefined || !timingView(sheet, state)?.next,
  },
  'time-pump': {
    card: 'pump',
    isDone: (sheet, state) => state.leftOut.pump !== undefined || !pumpView(sheet, state)?.next,
  },
  'read-stand-out': checked('stand-out'),
  'read-end-float': checked('crank'),
  'read-liners': { card: 'liners', isDone: (_, { liners }) => liners.accepted !== null },
};

/**
 * What is done on an engine that was whole: waited for only by what was opened for it, and only once it is due, for
 * until then the engine is run with everything on.
 */
const ONCE_WHOLE: Readonly<Partial<Record<AssemblyAct, ActOnCard>>> = {
  'pull-again': {
    card: 'after-heat',
    isDone: (sheet, state) =>
      !state.heat ||
      setsAfterHeat(sheet)
        .flatMap(({ id }) => runsOf(sheet, state, id, '', AFTER_HEAT))
        .every(runDone),
  },
  'set-valves-hot': {
    card: 'recheck',
    isDone: (sheet, { valves, crank }) => {
      const view = valves.recheckBegun ? overheadView(sheet, valves, crank, 'hot') : null;
      return view === null || view.items.every(({ done }) => done);
    },
  },
};

/** Is this done on an engine that was run for it? */
export function isOnceWhole(act: AssemblyAct): boolean {
  return ONCE_WHOLE[act] !== undefined;
}

/** The card that is due on an engine opened again, before this act is done; null where none is. */
export function cardDueAgain(
  sheet: JobSheet,
  state: JobState,
  actInstance: string,
): CardName | null {
  const act = ONCE_WHOLE[headOf(actInstance) as AssemblyAct];
  return act && !act.isDone(sheet, state) ? act.card : null;
}

/** The card that has to be worked on before this act is done; null once it is, or where the job has none of it. */
export function cardToDo(sheet: JobSheet, state: JobState, actInstance: string): CardName | null {
  const act = ACTS[headOf(actInstance) as AssemblyAct];
  return act && !act.isDone(sheet, state) ? act.card : null;
}

/** Everything of a kind set. Gaps that are to be felt once more are not set until they have been. */
function setting(isOfKind: (item: SettingItem) => boolean): ActOnCard {
  return {
    card: 'valves',
    isDone: (sheet, { valves, crank }) => {
      const view = overheadView(sheet, valves, crank, 'cold');
      if (!view) return true;
      return (
        view.again !== 'due' &&
        view.items.filter(({ item }) => isOfKind(item)).every(({ done }) => done)
      );
    },
  };
}

/** Everything of a card of checks gone through. */
function checked(card: 'stand-out' | 'crank'): ActOnCard {
  return {
    card,
    isDone: (sheet, { checks, leftOut }) =>
      leftOut[card] !== undefined || viewsOn(sheet, checks, card).every(({ done }) => done),
  };
}
