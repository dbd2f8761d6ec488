import { actsOf } from '@cardinex/core/job/actsOf';

/** The acts made on the tightening card, and on the one after heat. */
export const TIGHTEN_ACTS = actsOf('runs', 'heat');
