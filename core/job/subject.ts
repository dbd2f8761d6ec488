import type { Act, LoggedAct } from './act';
import { ruleOf } from './rules';
import type { Job } from './job';

/** What an act is about, so that a later one about the same thing can be found; null for acts that stand alone. */
function subjectOf(act: Act): string | null {
  return ruleOf(act).subject?.(act.data) ?? null;
}

/** The act that stands in place of a struck one: the next about the same thing that was not struck. */
export function replacementOf(
  { log, state }: Pick<Job, 'log' | 'state'>,
  struck: LoggedAct,
): LoggedAct | undefined {
  const subject = subjectOf(struck);
  if (subject === null) return undefined;
  return log
    .from(log.placeOf(struck.id) + 1)
    .find((act) => subjectOf(act) === subject && !state.struck[act.id]);
}
