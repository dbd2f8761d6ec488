import type { ActType } from '@cardinex/core/job/act';

/** The acts made on the liners card. */
export const LINERS_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'liner.read',
  'liners.accepted',
  'liners.placed',
  'liner.sealed',
]);
