import type { Act, LoggedAct } from './act';
import { cardOf } from './cardOf';
import { ruleOf } from './rules';
import type { JobSheet } from './scope';
import type { Job } from './job';

/** Does this act decide something? */
export function isDecision(act: Pick<Act, 'type'>): boolean {
  return ruleOf(act).nature === 'decision';
}

/** Does a decision rest on a fact: would whoever decides want to have seen it first? */
export function restsOn(decision: Act, fact: Act, sheet: JobSheet): boolean {
  const rule = ruleOf(decision);
  if (rule.nature !== 'decision' || ruleOf(fact).nature !== 'fact') return false;
  return rule.restsOn?.(decision.data, fact, () => cardOf(fact, sheet)) ?? false;
}

/** The facts standing in a log that a decision made now rests on, in their order. */
export function groundsOf({ log, state }: Job, act: Act, sheet: JobSheet): readonly LoggedAct[] {
  const rule = ruleOf(act);
  if (rule.nature !== 'decision' || rule.restsOn === null) return [];
  return log.acts.filter((fact) => !state.struck[fact.id] && restsOn(act, fact, sheet));
}
