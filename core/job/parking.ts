import type { Parking } from './facts/parked';
import type { LoggedAct } from './act';

/** Null while the job is in hand. */
export function evolveParking(state: Parking | null, act: LoggedAct): Parking | null {
  if (act.type === 'job.parked') return { ...act.data, at: act.at, by: act.by };
  return act.type === 'job.resumed' ? null : state;
}
