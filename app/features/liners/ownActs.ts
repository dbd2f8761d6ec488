import { actsOf } from '@cardinex/core/job/actsOf';

/** The acts made on the liners card. */
export const LINERS_ACTS = actsOf('liners');
