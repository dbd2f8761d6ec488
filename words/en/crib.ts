import type { TimeDoubt } from '@cardinex/core/job/actTime';
import { plural } from './kit';

/** What is said of an act that the server could not take at its word. */
export const cribWords = {
  agreesNow: 'The crib agrees by now',
  acts: (count: number) => plural(count, { one: '1 act', other: `${count} acts` }),
  disagrees: 'wrench not in the crib as was said',
  staleProof: 'PIN given longer than a shift ago',
} as const;

export const TIME_DOUBTS: Readonly<Record<TimeDoubt, string>> = {
  ahead: 'time cannot be: later than it came in',
  'before-opening': 'time cannot be: before the job was opened',
  'before-own': 'time cannot be: before what this device did earlier',
};
