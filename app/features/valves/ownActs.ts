import type { ActType } from '@cardinex/core/job/act';

/** The acts made on the valves card and at its hot recheck. */
export const VALVES_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'crank.stood',
  'crank.doubted',
  'valve.read',
  'recheck.begun',
]);
