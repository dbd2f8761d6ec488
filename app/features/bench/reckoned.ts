import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';

/** Runs a reckoning; what cannot be worked out comes back as the fault, anything else is thrown on. */
export function reckoned<T>(reckon: () => T): T | ReckoningFault {
  try {
    return reckon();
  } catch (error) {
    if (error instanceof ReckoningFault) return error;
    throw error;
  }
}
