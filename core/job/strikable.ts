import type { ActType, LoggedAct } from './act';

/** Can an act be taken back? What a job stands on, and what the server says itself, cannot. */
export function isStrikable({ type }: LoggedAct): boolean {
  return !NEVER_STRUCK.has(type);
}

const NEVER_STRUCK: ReadonlySet<ActType> = new Set<ActType>([
  'struck',
  'job.opened',
  'sheet.taken',
  'crib.judged',
]);
