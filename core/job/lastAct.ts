import type { LoggedAct } from './act';
import type { JobState } from './state';

/** The last act of a member that still stands and can be undone. */
export function lastStrikable(
  { log, struck }: Pick<JobState, 'log' | 'struck'>,
  member: string,
  isStrikable: (act: LoggedAct) => boolean,
): LoggedAct | undefined {
  return log.findLast((act) => act.by === member && isStrikable(act) && !struck[act.id]);
}
