import type { Act, LoggedAct } from './act';
import { checkpointsUpTo, reachesBackTo, refolded } from './evolve';
import type { Job } from './job';

/** A device has seen what it was sent, and whatever it did itself. */
export function wasSeen(event: LoggedAct, act: Act): boolean {
  return event.seq <= act.seenSeq || event.device === act.device;
}

/** Did the sender know that a decision waits? Of its own it hears only with the log. */
export function wasSeenWaiting(event: LoggedAct, act: Act): boolean {
  return event.pending === undefined || event.seq <= act.seenSeq || event.device !== act.device;
}

/** The job as the sender of an act had seen it: what it decided itself had its effect there. */
export function asSeenBy(job: Job, act: Act): Job {
  const later = job.log.after(act.seenSeq);
  const had = job.log.length - later.length;
  const own = later.filter((event) => wasSeen(event, act));
  const log = own
    .map((event) => (wasSeenWaiting(event, act) ? event : asMade(event)))
    .reduce((seen, event) => seen.with(event), job.log.first(had));
  // What was not seen may have reached back behind what was.
  const stands = later.map((event) => reachesBackTo(job.log, event) ?? had);
  return refolded(log, checkpointsUpTo(job, Math.min(had, ...stands)));
}

function asMade({ pending: _, ...event }: LoggedAct): LoggedAct {
  return event as LoggedAct;
}
