import type { Act, LoggedAct } from './act';
import { ruleOf } from './rules';
import type { JobState } from './state';

/** What an act is about, so that a later one about the same thing can be found; null for acts that stand alone. */
export function subjectOf(act: Act): string | null {
  return ruleOf(act).subject?.(act.data) ?? null;
}

/** The act that stands in place of a struck one: the next about the same thing that was not struck. */
export function replacementOf(state: JobState, struck: LoggedAct): LoggedAct | undefined {
  const subject = subjectOf(struck);
  if (subject === null) return undefined;
  const place = state.log.indexOf(struck);
  return state.log
    .slice(place + 1)
    .find((act) => subjectOf(act) === subject && !state.struck[act.id]);
}
