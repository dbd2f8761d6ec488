import type { Role } from '../shape';

/** How one of several alike stands: not yet, in hand, set, or wrong. */
export type PartStanding = 'open' | 'now' | 'done' | 'failed';

export const STANDING_ROLE: Readonly<Record<PartStanding, Role>> = {
  open: 'soft',
  now: 'now',
  done: 'within',
  failed: 'stop',
};
