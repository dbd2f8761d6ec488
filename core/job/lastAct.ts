import type { LoggedAct } from './act';
import type { Job } from './job';

/** The last act of a member that still stands and can be undone. */
export function lastStrikable(
  { log, state: { struck } }: Pick<Job, 'log' | 'state'>,
  member: string,
  isStrikable: (act: LoggedAct) => boolean,
): LoggedAct | undefined {
  return log.findLast((act) => act.by === member && isStrikable(act) && !struck[act.id]);
}
