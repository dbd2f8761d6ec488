import type { Act, LoggedAct } from './act';
import { isOn } from './cardOf';
import { STAND_OUTS } from './cards/standOut';
import { WHOLE } from './checks/state';
import { isDecision, NATURE, type Decision } from './nature';
import { isRunAct } from './run/runState';
import type { JobSheet } from './scope';
import type { JobState } from './state';

/** Does a decision rest on a fact: would whoever decides want to have seen it first? */
export function restsOn(decision: Decision<Act>, fact: Act, sheet: JobSheet): boolean {
  if (NATURE[fact.type] !== 'fact') return false;
  switch (decision.type) {
    case 'liners.accepted':
    case 'liners.placed':
      return fact.type === 'liner.read' || fact.type === 'liner.sealed';
    case 'check.decided': {
      const { check, item } = decision.data;
      return (
        (fact.type === 'check.read' ||
          fact.type === 'check.seen' ||
          fact.type === 'piece.weighed') &&
        fact.data.check === check &&
        (item === WHOLE || fact.data.item === item)
      );
    }
    case 'gasket.chosen':
      return fact.type === 'check.read' && fact.data.check === STAND_OUTS;
    case 'shims.chosen':
      return fact.type === 'shim.read' || fact.type === 'valve.read';
    case 'contest.decided': {
      const { key } = decision.data;
      return (
        (isRunAct(fact) && fact.data.key === key) ||
        (fact.type === 'bolts.reported' && fact.data.pulls.some((pull) => pull.key === key))
      );
    }
    case 'card.left-out': {
      const { card } = decision.data;
      // How heads go on is a part of their card, told apart by its check.
      return card !== 'covering' && isOn(card, fact, sheet);
    }
    // What the whole job goes by rests on no single fact of it.
    case 'difference.decided': // names its sources itself
    case 'sheet.taken':
    case 'variant.changed':
    case 'scope.widened':
    case 'job.parked':
    case 'job.resumed':
    case 'cause.answered':
    case 'cards.taken':
    case 'barring.chosen':
    case 'struck':
    case 'pending.decided':
      return false;
  }
}

/** The facts standing in a log that a decision made now rests on, in their order. */
export function groundsOf(state: JobState, act: Act, sheet: JobSheet): readonly LoggedAct[] {
  if (!isDecision(act)) return [];
  return state.log.filter((fact) => !state.struck[fact.id] && restsOn(act, fact, sheet));
}
