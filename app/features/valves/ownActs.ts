import { actsOf } from '@cardinex/core/job/actsOf';

/** The acts made on the valves card and at its hot recheck. */
export const VALVES_ACTS = actsOf('valves', 'crank');
